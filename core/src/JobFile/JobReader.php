<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Condition;
use Hull\Catalog\Substrate;
use Hull\Input\InvalidInput;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\Links;
use Hull\Job\Observed;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\SavedCard;
use Hull\Quantity\Percentage;
use Hull\WorkCard\SavedCards;

/**
 * Reads the open job file (see docs/formats/job.md): SI numbers or typed quantities, every refusal with its pointer.
 */
final readonly class JobReader
{
    public const FORMAT = 'unbowed-hull-job';
    public const VERSION = 1;
    private const PART_FIELDS = ['id', 'name', 'substrate', 'conditions', 'shapes', 'place', 'schools', 'route', 'log'];

    public RouteReader $routes;

    public LogReader $log;

    private PartForm $form;

    public function __construct(private Catalogue $catalogue)
    {
        $this->form = new PartForm($catalogue);
        $this->routes = new RouteReader($catalogue);
        $this->log = new LogReader($catalogue);
    }

    public function job(Node $n): Job
    {
        $n->only([
            'format',
            'version',
            'name',
            'note',
            'due',
            'bought',
            'sale',
            'places',
            'parts',
            'without',
            'cards',
            'register',
            '$schema',
        ]);
        $n->field('format')->choice([self::FORMAT]);
        $n->field('version')->integer(1, self::VERSION);
        $places = [];
        foreach ($n->field('places')->items(50) as $p) {
            $place = $this->place($p);
            if (isset($places[$place->id])) {
                throw $p->field('id')->refuse('Two places have this id.', 'an id of its own');
            }
            $places[$place->id] = $place;
        }
        $parts = $faults = [];
        foreach ($n->field('parts')->items(200) as $p) {
            try {
                $part = $this->part($p, array_map('strval', array_keys($places)));
                $parts[$part->id] = isset($parts[$part->id])
                    ? throw $p->field('id')->refuse('Two parts have this id.', 'an id of its own')
                    : $part;
            } catch (InvalidInput $e) {
                $faults[] = $e;
            }
        }
        if ([] !== $faults) {
            throw InvalidInput::all($faults);
        }
        foreach ($n->field('parts')->items(200) as $p) {
            Links::check($p, $parts[$p->field('id')->text()], $parts);
        }

        return new Job(
            name: $n->field('name')->text(120),
            note: Node::remark($n->optional('note'), 2000),
            places: $places,
            parts: array_values($parts),
            without: $this->without($n->optional('without')),
            cards: $this->cards(
                $n->optional('cards'),
                array_map(static fn(Part $p): string => $p->id, array_values($parts)),
            ),
            due: $n->optional('due')?->day(),
            bought: $n->optional('bought')?->money(),
            sale: $n->optional('sale')?->money(),
            register: TagForm::register(
                $n->optional('register'),
                array_map(static fn(Part $p): string => $p->id, array_values($parts)),
            ),
        );
    }

    /**
     * @param list<string> $parts
     *
     * @return list<SavedCard>
     */
    private function cards(?Node $list, array $parts): array
    {
        $cards = [];
        $saved = new SavedCards($this->catalogue->figures);
        foreach ($list?->items(100) ?? [] as $n) {
            $card = $saved->read($n, $parts);
            $cards[$card->id] = isset($cards[$card->id])
                ? throw $n->field('id')->refuse('Two cards have this id.', 'an id of its own')
                : $card;
        }

        return array_values($cards);
    }

    /** @return list<string> gear, skills and tastes a workshop does without */
    public function without(?Node $list): array
    {
        return array_values(
            array_unique(
                array_map(fn(Node $l): string => $l->keyOf($this->catalogue->limits), $list?->items(100) ?? []),
            ),
        );
    }

    public function place(Node $n): Place
    {
        $n->only(['id', 'name', 'kind', 'temperature', 'humidity', 'hazards']);
        $kind = $n->field('kind')->keyOf($this->catalogue->places);

        return new Place(
            self::id($n->field('id')),
            $n->optional('name')?->text(80) ?? $this->catalogue->places[$kind]->name,
            $kind,
            Moments::air($n),
            array_map(
                fn(Node $h): string => $h->keyOf($this->catalogue->hazards),
                $n->optional('hazards')?->items(20) ?? [],
            ),
        );
    }

    /** @param list<string> $places known place ids */
    public function part(Node $n, array $places): Part
    {
        $n->only([...self::PART_FIELDS, ...$this->form->names]);
        $part = new Part(
            ...[
                ...$this->form->read($n),
                'id' => self::id($n->field('id')),
                'name' => $n->field('name')->text(120),
                'substrate' => $n->field('substrate')->keyOf($this->catalogue->substrates),
                'conditions' => $this->conditions(
                    $n->optional('conditions'),
                    $this->catalogue->substrate($n->field('substrate')->keyOf($this->catalogue->substrates)),
                ),
                'shapes' => ShapeReader::shapes($n->optional('shapes')),
                'place' => $n->field('place')->choice($places),
                'schools' => $this->schools($n->optional('schools')),
                'route' => null,
                'log' => [],
            ],
        );
        $route = $n->optional('route');
        $log = $n->optional('log');

        return $part->with(
            null === $route ? null : $this->routes->read($route),
            null === $log ? [] : $this->log->lines($log),
        );
    }

    /** @return list<Observed> */
    private function conditions(?Node $list, Substrate $substrate): array
    {
        $found = [];
        $occurring = array_map(
            'strval',
            array_keys(
                array_filter(
                    $this->catalogue->conditions,
                    static fn(Condition $c): bool => $substrate->isOf($c->families),
                ),
            ),
        );
        $faults = [];
        foreach ($list?->items(50) ?? [] as $n) {
            try {
                $one = $this->condition($n, $substrate, $occurring);
                $found[$one->condition] = isset($found[$one->condition])
                    ? throw $n
                        ->field('id')
                        ->refuse('This condition is listed twice.', 'each condition once, at its worst grade')
                    : $one;
            } catch (InvalidInput $e) {
                $faults[] = $e;
            }
        }
        if ([] !== $faults) {
            throw InvalidInput::all($faults);
        }

        return array_values($found);
    }

    /** @param list<string> $occurring ids of the conditions of this material */
    private function condition(Node $n, Substrate $substrate, array $occurring): Observed
    {
        $n->only(['id', 'grade', 'extent']);
        $condition = $this->catalogue->conditions[$n->field('id')->keyOf($this->catalogue->conditions)];
        if (!$substrate->isOf($condition->families)) {
            throw $n
                ->field('id')
                ->refuse(
                    sprintf('%s does not occur on %s.', $condition->name, lcfirst($substrate->name)),
                    'one of: ' . implode(', ', $occurring),
                );
        }
        $extent = $n->optional('extent')?->quantity(Percentage::class) ?? Percentage::percent(100);
        if ($extent->ratioValue() > 1.0 || $extent->ratioValue() <= 0.0) {
            throw $n->field('extent')->refuse('The extent is a share of the area.', 'more than 0 % up to 100 %');
        }

        return new Observed(
            $condition->id,
            $n->field('grade')->choice(array_map('strval', array_keys($condition->grades))),
            $extent,
        );
    }

    /** @return array<int|string, string> */
    private function schools(?Node $n): array
    {
        $schools = [];
        foreach ($n?->only(Keys::of($this->catalogue->schools))->fields() ?? [] as $question => $answer) {
            $schools[$question] = $answer->choice(
                array_map('strval', array_keys($this->catalogue->schools[$question]->answers)),
            );
        }

        return $schools;
    }

    private static function id(Node $n): string
    {
        $id = $n->text(60);

        return 1 === preg_match('/^[a-z0-9][a-z0-9-]*$/', $id)
            ? $id
            : throw $n->refuse(
                sprintf('"%s" is not an id.', $id),
                'small letters, digits and dashes, such as engine-frame',
            );
    }
}
