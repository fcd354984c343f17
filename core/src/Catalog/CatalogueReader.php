<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Cure\CureRows;
use Hull\Input\Node;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Route\PredicateReader;

/** Builds the catalogue from decoded data: kind => entries. Unknown ids are refused with their place. */
final class CatalogueReader
{
    public const KINDS = ['facts', 'substrates', 'conditions', 'services', 'finishes', 'places', 'methods', 'phases', 'cautions', 'schools', 'products', 'steps', 'rules', 'systems'];

    /** @var list<string> */
    private array $factIds = [];

    private function __construct(private readonly Node $data)
    {
    }

    /** @param array<string, mixed> $data kind => list of entries */
    public static function read(array $data): Catalogue
    {
        return (new self(Node::root($data)))->catalogue();
    }

    private function catalogue(): Catalogue
    {
        $facts = $this->keyed('facts', static fn (Node $n, string $id): Fact => new Fact($id, $n->field('name')->text(), $n->field('kind')->text(), $n->optional('per_hour')?->number() ?? 0.0, true === $n->optional('stops_under_film')?->boolean()));
        $this->factIds = array_keys($facts);
        $cautions = $this->choices('cautions');
        $products = $this->keyed('products', fn (Node $n, string $id): Product => $this->product($n, $id, array_keys($cautions)));
        $schools = $this->keyed('schools', fn (Node $n, string $id): School => new School($id, $n->field('question')->text(), self::filled($this->choicesOf($n->field('answers')), $n)));
        $phases = $this->choices('phases');
        $order = 0;
        $steps = $this->keyed('steps', function (Node $n, string $id) use (&$order, $phases, $cautions, $schools): Step {
            return $this->step($n, $id, ++$order, array_keys($phases), array_keys($cautions), $schools);
        });

        return new Catalogue(
            $facts,
            $this->keyed('substrates', static fn (Node $n, string $id): Substrate => new Substrate($id, $n->field('name')->text(), self::texts($n->field('families')), $n->field('tell')->text(400), $n->field('hatch')->text())),
            $this->keyed('conditions', fn (Node $n, string $id): Condition => new Condition($id, $n->field('name')->text(), $this->grades($n->field('grades')), $n->field('hint')->text(400))),
            $this->choices('services'),
            $this->choices('finishes'),
            $this->choices('places'),
            $this->choices('methods'),
            $phases,
            $steps,
            array_values($this->keyed('rules', fn (Node $n, string $id): Rule => new Rule($this->need($n->field('need'), $id), self::texts($n->field('step_tags')), self::texts($n->optional('product_tags')), self::texts($n->optional('substrates'))))),
            $products,
            $this->keyed('systems', fn (Node $n, string $id): FilmSystem => $this->system($n, $id, $products)),
            $schools,
            $cautions,
        );
    }

    /** @param list<string> $cautions */
    private function product(Node $n, string $id, array $cautions): Product
    {
        $density = $n->optional('density');
        $climate = $n->field('climate');

        return new Product(
            $id,
            $n->field('name')->text(),
            $n->field('example')->text(),
            self::texts($n->field('tags')),
            'one part' === $n->field('ratio')->text() ? MixRatio::onePart($n->optional('thinner')?->quantity(Percentage::class)->ratioValue() ?? 0.0) : $n->field('ratio')->ratio(),
            $n->field('solids')->quantity(Percentage::class),
            $n->field('dft')->quantity(FilmThickness::class),
            $density?->field('base')->quantity(Density::class) ?? Density::kgPerLitre(1.0),
            $density?->optional('hardener')?->quantity(Density::class) ?? Density::kgPerLitre(1.0),
            $density?->optional('thinner')?->quantity(Density::class) ?? Density::kgPerLitre(0.87),
            $n->optional('pot_life')?->quantity(Duration::class),
            $n->optional('induction')?->quantity(Duration::class) ?? Duration::hours(0.0),
            $n->field('cure_kind')->choice(\Hull\Cure\CureFactor::KINDS),
            $this->cure($n->optional('cure')),
            $climate->field('least')->quantity(Temperature::class),
            $climate->field('most')->quantity(Temperature::class),
            $climate->optional('least_humidity')?->quantity(RelativeHumidity::class) ?? RelativeHumidity::percent(0),
            $climate->field('most_humidity')->quantity(RelativeHumidity::class),
            $n->field('abrade_with')->text(),
            $n->field('hatch')->text(),
            $this->needs($n->optional('needs'), $id),
            self::known($n->optional('cautions'), $cautions),
            $n->field('source')->text(),
        );
    }

    private function cure(?Node $n): ?CureSheet
    {
        if (null === $n) {
            return null;
        }
        $max = $n->optional('recoat_max');

        return new CureSheet(self::rows($n->field('touch')), self::rows($n->field('recoat_min')), null === $max ? null : self::rows($max), self::rows($n->field('full')));
    }

    private static function rows(Node $n): CureRows
    {
        try {
            return CureRows::of(array_map(static fn (Node $hours): float => $hours->number(), $n->fields()));
        } catch (InvalidQuantity $e) {
            throw $n->refuse($e->getMessage(), $e->accepted);
        }
    }

    /**
     * @param list<string>          $phases
     * @param list<string>          $cautions
     * @param array<string, School> $schools
     */
    private function step(Node $n, string $id, int $order, array $phases, array $cautions, array $schools): Step
    {
        $takes = $n->field('takes');

        return new Step(
            $id,
            $n->field('name')->text(),
            $n->field('phase')->choice($phases),
            self::texts($n->optional('tags')),
            $this->needs($n->optional('needs'), $id),
            array_map(fn (Node $e): Effect => $this->effect($e), $n->optional('does')?->items() ?? []),
            new Takes($takes->optional('setup_min')?->number() ?? 0.0, $takes->optional('min_per_m2')?->number() ?? 0.0, $takes->optional('scales_with')?->choice($this->factIds), $takes->optional('wait_h')?->number() ?? 0.0, $takes->optional('wait_for')?->choice(['drying', 'touch', 'recoat', 'full']), $takes->optional('penalty')?->number() ?? 0.0),
            $n->field('how')->text(600),
            $n->field('why')->text(400),
            $n->field('look')->text(400),
            self::texts($n->optional('substrates')),
            $this->schools($n->optional('schools'), $schools),
            self::known($n->optional('cautions'), $cautions),
            $n->optional('uses')?->text(),
            true === $n->optional('lays_film')?->boolean(),
            $n->optional('strips')?->integer(0, 10) ?? 0,
            $order,
        );
    }

    private function effect(Node $n): Effect
    {
        foreach (['set', 'lower', 'raise'] as $verb) {
            $level = $n->optional($verb);
            if (null !== $level) {
                return new Effect($n->field('fact')->choice($this->factIds), $verb, $level->number());
            }
        }
        throw $n->refuse('This effect has no verb.', 'set, lower or raise');
    }

    /** @return list<Need> */
    private function needs(?Node $list, string $id): array
    {
        $needs = [];
        foreach ($list?->items() ?? [] as $index => $n) {
            $needs[] = $this->need($n, $id.'.'.($index + 1));
        }

        return $needs;
    }

    private function need(Node $n, string $id): Need
    {
        return new Need($id, PredicateReader::read($n, $this->factIds), $n->field('says')->text(300), $n->field('else')->text(300), $n->optional('source')?->text() ?? 'trade practice', $n->optional('scar')?->choice($this->factIds));
    }

    /** @param array<string, Product> $products */
    private function system(Node $n, string $id, array $products): FilmSystem
    {
        return new FilmSystem(
            $id,
            $n->field('name')->text(),
            self::texts($n->field('substrates')),
            self::texts($n->field('services')),
            self::texts($n->field('finishes')),
            array_map(self::texts(...), $n->optional('schools')?->fields() ?? []),
            array_map(static fn (Node $l): SystemLayer => new SystemLayer($products[$l->field('product')->choice(array_keys($products))], $l->field('coats')->integer(1, 10), $l->field('role')->text()), $n->field('layers')->items()),
            $n->field('why')->text(400),
            $n->field('life')->text(),
        );
    }

    /** @return array<string, Grade> */
    private function grades(Node $list): array
    {
        $grades = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $facts = [];
            foreach ($n->field('facts')->fields() as $fact => $level) {
                if (!in_array($fact, $this->factIds, true)) {
                    throw $level->refuse(sprintf('There is no fact "%s".', $fact), 'one of: '.implode(', ', $this->factIds));
                }
                $facts[$fact] = $level->number();
            }
            $grades[$id] = new Grade($id, $n->field('name')->text(), $n->field('look')->text(400), $facts);
        }

        return $grades;
    }

    /**
     * @param array<string, School> $schools
     *
     * @return array<string, list<string>>
     */
    private function schools(?Node $n, array $schools): array
    {
        $read = [];
        foreach ($n?->fields() ?? [] as $question => $answers) {
            $school = $schools[$question] ?? throw $answers->refuse('There is no such school question.', implode(', ', array_keys($schools)));
            $read[$question] = self::known($answers, array_map('strval', array_keys($school->answers)));
        }

        return $read;
    }

    /** @return array<string, Choice> */
    private function choices(string $kind): array
    {
        return $this->choicesOf($this->data->field($kind));
    }

    /** @return array<string, Choice> */
    private function choicesOf(Node $list): array
    {
        $choices = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $choices[$id] = new Choice($id, $n->field('name')->text(), $n->optional('hint')?->text(400) ?? '');
        }

        return $choices;
    }

    /**
     * @template T
     *
     * @param \Closure(Node, string): T $build
     *
     * @return array<string, T>
     */
    private function keyed(string $kind, \Closure $build): array
    {
        $entries = [];
        foreach ($this->data->field($kind)->items() as $n) {
            $id = $n->field('id')->text();
            if (isset($entries[$id])) {
                throw $n->refuse(sprintf('The id "%s" is used twice.', $id), 'an id of its own');
            }
            $entries[$id] = $build($n, $id);
        }

        return $entries;
    }

    /** @return list<string> */
    private static function texts(?Node $list): array
    {
        return array_map(static fn (Node $n): string => $n->text(), $list?->items() ?? []);
    }

    /**
     * @param list<string> $allowed
     *
     * @return list<string>
     */
    private static function known(?Node $list, array $allowed): array
    {
        return array_map(static fn (Node $n): string => $n->choice($allowed), $list?->items() ?? []);
    }

    /**
     * @param array<string, Choice> $choices
     *
     * @return non-empty-array<string, Choice>
     */
    private static function filled(array $choices, Node $n): array
    {
        return [] === $choices ? throw $n->refuse('A school needs answers.', 'at least one answer') : $choices;
    }
}
