<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Surface\AllOf;
use Hull\Surface\Effect;
use Hull\Surface\Fact;
use Hull\Surface\FactWithin;
use Hull\Surface\Predicate;

/**
 * What can be true of a surface, the groups these facts form, and what each is undone by.
 *
 * A step or product says only what is its own: that every abrading takes the last wipe off is said once, at the wipe.
 */
final readonly class FactTable
{
    /** @param array<int|string, Fact> $facts */
    private function __construct(public array $facts) {}

    /**
     * @param list<string> $stepTags
     * @param list<string> $productTags
     */
    public static function read(Node $list, array $stepTags, array $productTags): self
    {
        $facts = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $facts[$id] = isset($facts[$id])
                ? throw $n->refuse(sprintf('The id "%s" is used twice.', $id), 'an id of its own')
                : new Fact(
                    id: $id,
                    name: $n->field('name')->text(),
                    kind: $n->field('kind')->text(),
                    perHour: $n->optional('per_hour')?->number() ?? 0.0,
                    stopsUnderFilm: true === $n->optional('stops_under_film')?->boolean(),
                    goesOn: true === $n->optional('goes_on')?->boolean(),
                    standsOpen: true === $n->optional('stands_open')?->boolean(),
                    offWithinHours: $n->optional('off_within_h')?->number(),
                    redoneHours: Checked::above($n->optional('redone_h'))?->number(),
                    lastsHours: Checked::above($n->optional('lasts_h'))?->number(),
                    lastsOutdoorsHours: Checked::above($n->optional('lasts_outdoors_h'))?->number(),
                    lostInRain: true === $n->optional('lost_in_rain')?->boolean(),
                    allOver: true === $n->optional('all_over')?->boolean(),
                    leftByWeather: true === $n->optional('left_by_weather')?->boolean(),
                    groups: Names::texts($n->optional('groups')),
                    lostBy: Names::known($n->optional('lost_by'), $stepTags),
                    lostUnder: Names::known($n->optional('lost_under'), $productTags),
                    lostUnless: Names::known($n->optional('lost_unless'), $stepTags),
                );
        }

        return new self($facts);
    }

    /** @return list<string> */
    public function ids(): array
    {
        return Keys::of($this->facts);
    }

    /** @return array<int|string, float> level by fact, each of them known */
    public function levels(?Node $n): array
    {
        $levels = [];
        foreach ($n?->fields() ?? [] as $fact => $level) {
            if (!isset($this->facts[$fact])) {
                throw $level->refuse(
                    sprintf('There is no fact "%s".', $fact),
                    'one of: ' . implode(', ', $this->ids()),
                );
            }
            $levels[$fact] = $level->number();
        }

        return $levels;
    }

    /** @return list<string> */
    public function groups(): array
    {
        return array_values(
            array_unique(
                array_merge([], ...array_values(array_map(static fn(Fact $f): array => $f->groups, $this->facts))),
            ),
        );
    }

    /** @return list<string> ids of the facts of a group */
    public function of(string $group): array
    {
        return Keys::of(array_filter($this->facts, static fn(Fact $f): bool => in_array($group, $f->groups, true)));
    }

    /** @return list<Effect> what a step does, with what its tags undo */
    public function byStep(Node $step): array
    {
        $tags = Names::texts($step->optional('tags'));

        return $this->effects(
            $step,
            static fn(Fact $f): bool => [] !== array_intersect($f->lostBy, $tags) ||
                ([] !== $f->lostUnless && [] === array_intersect($f->lostUnless, $tags)),
        );
    }

    /** @return list<Effect> what a coat of a product does beside lying there, with what its tags undo */
    public function underProduct(Node $product): array
    {
        $tags = Names::texts($product->optional('tags'));

        return $this->effects($product, static fn(Fact $f): bool => [] !== array_intersect($f->lostUnder, $tags));
    }

    /** What is asked of one fact, or of every fact of a group. */
    public function asked(Node $n): ?Predicate
    {
        $min = $n->optional('min')?->number();
        $max = $n->optional('max')?->number();
        $fact = $n->optional('fact');
        if (null !== $fact) {
            return new FactWithin($fact->choice($this->ids()), $min, $max);
        }
        $group = $n->optional('group');

        return null === $group
            ? null
            : new AllOf(
                array_map(
                    static fn(string $id): FactWithin => new FactWithin($id, $min, $max),
                    $this->of($group->choice($this->groups())),
                ),
            );
    }

    /**
     * @param \Closure(Fact): bool $lost
     *
     * @return list<Effect> of each fact one: what is said of it itself before what is said of its group, and that
     *                      before what the tags undo
     */
    private function effects(Node $n, \Closure $lost): array
    {
        $own = [];
        $group = [];
        foreach ($n->optional('does')?->items() ?? [] as $e) {
            $named = $e->optional('group');
            if (null === $named) {
                $own[] = self::effect($e, $e->field('fact')->choice($this->ids()));
                continue;
            }
            foreach ($this->of($named->choice($this->groups())) as $fact) {
                $group[$fact] = self::effect($e, $fact);
            }
        }
        $kept = Names::known($n->optional('keeps'), $this->ids());
        foreach ($this->facts as $fact) {
            if (!in_array($fact->id, $kept, true) && $lost($fact)) {
                $group[$fact->id] ??= new Effect($fact->id, 'set', 0.0);
            }
        }
        foreach ($own as $effect) {
            unset($group[$effect->fact]);
        }

        return [...$own, ...array_values($group)];
    }

    private static function effect(Node $n, string $fact): Effect
    {
        foreach (['set', 'lower', 'raise'] as $verb) {
            $level = $n->optional($verb);
            if (null !== $level) {
                return new Effect($fact, $verb, $level->number());
            }
        }
        throw $n->refuse('This effect has no verb.', 'set, lower or raise');
    }
}
