<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Enclosure;
use Hull\Climate\PartLag;
use Hull\Compute\Source;
use Hull\Cure\CureRows;
use Hull\Cure\Readiness;
use Hull\Film\Loss;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Mix\Dose;
use Hull\Mix\RatioBy;
use Hull\Pack\Pack;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Percentage;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumePerArea;
use Hull\Surface\CureSheet;
use Hull\Surface\Effect;
use Hull\Surface\Fact;
use Hull\Surface\Need;
use Hull\Surface\Product;
use Hull\Surface\Shelf;

/** Builds the catalogue from decoded data: kind => entries. Unknown ids are refused with their place. */
final class CatalogueReader
{
    public const KINDS = [
        'facts',
        'signs',
        'substrates',
        'conditions',
        'services',
        'finishes',
        'places',
        'hazards',
        'methods',
        'phases',
        'limits',
        'protection',
        'cautions',
        'schools',
        'tests',
        'supplies',
        'products',
        'steps',
        'rules',
        'interlocks',
        'foundations',
        'tops',
        'systems',
        'abrasives',
        'consumables',
        'local',
        'working',
    ];

    /** @var list<string> */
    private array $factIds = [];

    /** @var array<int|string, list<string>> kind => known ids */
    private array $known = [];

    /** @var array<int|string, AbrasiveRun> */
    private array $runs = [];

    private function __construct(private readonly Node $data) {}

    /** @param array<int|string, mixed> $data kind => list of entries */
    public static function read(array $data): Catalogue
    {
        return (new self(Node::root($data)))->catalogue();
    }

    private function catalogue(): Catalogue
    {
        $facts = $this->keyed(
            'facts',
            static fn(Node $n, string $id): Fact => new Fact(
                $id,
                $n->field('name')->text(),
                $n->field('kind')->text(),
                $n->optional('per_hour')?->number() ?? 0.0,
                true === $n->optional('stops_under_film')?->boolean(),
                $n->optional('off_within_h')?->number(),
            ),
        );
        $this->factIds = Keys::of($facts);
        $this->known += [
            'step tags' => $this->gathered('tags', 'steps'),
            'product tags' => $this->gathered('tags', 'products'),
            'chemicals' => $this->gathered('chemicals', 'steps', 'supplies', 'products'),
            'places' => self::idsIn($this->data->field('places')),
            'facts' => $this->factIds,
        ];
        $signs = $this->choices('signs');
        $substrates = $this->keyed(
            'substrates',
            static fn(Node $n, string $id): Substrate => new Substrate(
                $id,
                $n->field('name')->text(),
                self::texts($n->field('families')),
                $n->field('tell')->text(400),
                $n->field('hatch')->text(),
                $n->optional('kin')?->text() ?? 'none',
                array_map(self::texts(...), $n->optional('signs')?->only(Keys::of($signs))->fields() ?? []),
                $n->optional('mass')?->choice(Keys::of(PartLag::TAU_HOURS)) ?? 'sheet',
            ),
        );
        $this->known['families'] = array_values(
            array_unique(
                array_merge(...array_values(array_map(static fn(Substrate $s): array => $s->families, $substrates))),
            ),
        );
        $services = $this->keyed(
            'services',
            fn(Node $n, string $id): Service => new Service(
                $id,
                $n->field('name')->text(),
                $n->optional('hint')?->text(400) ?? '',
                $this->ids('families', $n->optional('substrates')),
                $this->ids('families', $n->optional('except')),
                $n->optional('why_not')?->text(300) ?? '',
            ),
        );
        $finishes = $this->choices('finishes');
        $limits = $this->keyed(
            'limits',
            static fn(Node $n, string $id): Limit => new Limit(
                $id,
                $n->field('name')->text(),
                $n->field('kind')->choice(['gear', 'skill', 'taste']),
                $n->optional('hint')?->text(300) ?? '',
            ),
        );
        $protection = $this->keyed(
            'protection',
            static fn(Node $n, string $id): Protection => new Protection(
                $id,
                $n->field('name')->text(),
                $n->field('guards')->text(),
                $n->field('rank')->integer(1, 9),
                $n->optional('change')?->text(200) ?? '',
            ),
        );
        $phases = $this->choices('phases');
        $this->known += [
            'services' => Keys::of($services),
            'finishes' => Keys::of($finishes),
            'limits' => Keys::of($limits),
            'protection' => Keys::of($protection),
            'phases' => Keys::of($phases),
        ];
        $conditions = $this->keyed(
            'conditions',
            fn(Node $n, string $id): Condition => new Condition(
                $id,
                $n->field('name')->text(),
                $this->grades($n->field('grades')),
                $n->field('hint')->text(400),
                $n->field('group')->text(),
                $this->ids('families', $n->optional('substrates')),
                $n->optional('picture')?->text() ?? $id,
            ),
        );
        $cautions = $this->keyed(
            'cautions',
            fn(Node $n, string $id): Caution => new Caution(
                $id,
                $n->field('name')->text(400),
                $n->optional('hint')?->text(400) ?? '',
                $this->ids('protection', $n->optional('protect')),
                $n->optional('disposal')?->text(300) ?? '',
                $n->optional('hazard')?->integer(0, 5) ?? 1,
            ),
        );
        $schools = $this->keyed(
            'schools',
            fn(Node $n, string $id): School => new School(
                $id,
                $n->field('question')->text(),
                $this->answers($n->field('answers')),
                $this->ids('families', $n->optional('substrates')),
            ),
        );
        $this->known += ['cautions' => Keys::of($cautions), 'steps' => self::idsIn($this->data->field('steps'))];
        $tests = $this->keyed(
            'tests',
            fn(Node $n, string $id): AcceptanceTest => new AcceptanceTest(
                $id,
                $n->field('name')->text(),
                $n->field('reading')->choice(['yes-no', 'number', 'scale']),
                $n->optional('unit')?->text() ?? '',
                $n->optional('least')?->number(),
                $n->optional('most')?->number(),
                $n->field('pass')->text(300),
                $n->field('fail')->text(300),
                $this->ids('steps', $n->optional('on_fail')),
                $n->optional('twin')?->text(300) ?? '',
                $n->field('standard')->text(),
            ),
        );
        $supplies = $this->keyed('supplies', fn(Node $n, string $id): Supply => $this->supply($n, $id));
        $this->known += ['supplies' => Keys::of($supplies)];
        $products = $this->keyed('products', fn(Node $n, string $id): Product => $this->product($n, $id));
        $this->known += ['tests' => Keys::of($tests), 'materials' => [...Keys::of($supplies), ...Keys::of($products)]];
        $this->runs = $this->keyed('abrasives', self::run(...));
        $order = 0;
        $steps = $this->keyed('steps', function (Node $n, string $id) use (&$order, $schools): Step {
            return $this->step($n, $id, ++$order, $schools);
        });

        return new Catalogue(
            $facts,
            $signs,
            $substrates,
            $conditions,
            $services,
            $finishes,
            $this->keyed(
                'places',
                static fn(Node $n, string $id): Enclosure => new Enclosure(
                    $id,
                    $n->field('name')->text(),
                    $n->field('hint')->text(400),
                    $n->field('sheltered')->boolean(),
                    $n->optional('lag_h')?->number() ?? 0.0,
                    $n->optional('gain_c')?->number() ?? 0.0,
                    $n->optional('holds')?->choice(Enclosure::HOLDS) ?? 'nothing',
                ),
            ),
            $this->choices('hazards'),
            $this->methods(),
            $phases,
            $limits,
            $protection,
            $cautions,
            $schools,
            $tests,
            $supplies,
            $products,
            $steps,
            array_values(
                $this->keyed(
                    'rules',
                    fn(Node $n, string $id): Rule => new Rule(
                        $this->need($n->field('need'), $id),
                        $this->ids('step tags', $n->field('step_tags')),
                        $this->ids('product tags', $n->optional('product_tags')),
                        $this->scope($n, $schools),
                        RuleLevel::from(
                            $n
                                ->optional('level')
                                ?->choice(
                                    array_map(static fn(RuleLevel $l): string => $l->value, RuleLevel::cases()),
                                ) ?? 'order',
                        ),
                        $n->optional('family')?->integer(0, 16) ?? 0,
                    ),
                ),
            ),
            array_values(
                $this->keyed(
                    'interlocks',
                    fn(Node $n, string $id): Interlock => new Interlock(
                        $id,
                        $this->ids('chemicals', $n->field('first')),
                        $this->ids('chemicals', $n->field('second')),
                        $this->ids('steps', $n->optional('parting')),
                        $n->optional('hours')?->number() ?? 24.0,
                        true === $n->optional('ordered')?->boolean(),
                        $n->field('says')->text(300),
                        $n->field('else')->text(300),
                        $n->field('source')->text(),
                    ),
                ),
            ),
            (new SystemReader(
                $this->data,
                $products,
                $this->known['product tags'],
                fn(Node $n): Scope => $this->scope($n, $schools),
                fn(?Node $n, string $id): array => $this->needs($n, $id),
            ))->systems(),
            array_values($this->runs),
            $this->keyed('consumables', fn(Node $n, string $id): Consumable => $this->consumable($n, $id)),
            $this->keyed(
                'local',
                fn(Node $n, string $id): LocalTopic => new LocalTopic(
                    $id,
                    $n->field('name')->text(),
                    $n->field('hint')->text(300),
                    $this->ids('cautions', $n->field('cautions')),
                ),
            ),
            $this->keyed('working', fn(Node $n): Manner => $this->manner($n)),
        );
    }

    /** @param array<int|string, School> $schools */
    private function scope(Node $n, array $schools): Scope
    {
        return new Scope(
            $this->ids('families', $n->optional('substrates')),
            $this->ids('families', $n->optional('except')),
            $this->ids('services', $n->optional('services')),
            $this->ids('finishes', $n->optional('finishes')),
            $this->schools($n->optional('schools'), $schools),
        );
    }

    /** @return non-empty-array<int|string, SchoolAnswer> */
    private function answers(Node $list): array
    {
        $answers = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $arguments = [];
            foreach (['wins' => false, 'loses' => true] as $field => $against) {
                foreach ($n->optional($field)?->items() ?? [] as $a) {
                    $arguments[] = new Argument(
                        $this->when($a->optional('when')),
                        $a->field('says')->text(300),
                        $against,
                    );
                }
            }
            $answers[$id] = new SchoolAnswer(
                $id,
                $n->field('name')->text(),
                $n->field('hint')->text(400),
                $arguments,
                $this->when($n->optional('only_when')),
                $this->when($n->optional('default_when')),
            );
        }

        return [] === $answers ? throw $list->refuse('A school needs answers.', 'at least one answer') : $answers;
    }

    /** @return array<int|string, float|string|list<string>> what is named in it is known */
    private function when(?Node $n): array
    {
        $named = [
            'substrates' => 'families',
            'services' => 'services',
            'finishes' => 'finishes',
            'places' => 'places',
            'facts' => 'facts',
            'not_facts' => 'facts',
            'lacks' => 'limits',
            'has' => 'limits',
        ];
        $when = [];
        foreach ($n?->only(\Hull\Catalog\Traits::ASKED)->fields() ?? [] as $key => $value) {
            $allowed = $this->known[$named[$key] ?? ''] ?? array_keys(\Hull\Climate\Drying::BASE_HOURS);
            $when[$key] = match (true) {
                is_array($value->value) => self::known($value, $allowed),
                is_string($value->value) => $value->choice($allowed),
                default => $value->number(),
            };
        }

        return $when;
    }

    private function supply(Node $n, string $id): Supply
    {
        return new Supply(
            $id,
            $n->field('name')->text(),
            $n->field('example')->text(),
            $n->field('kind')->text(),
            $n->field('use')->text(400),
            $n->optional('limits')?->text(400) ?? '',
            self::texts($n->optional('chemicals')),
            $this->ids('families', $n->optional('never')),
            self::above($n->optional('density'))?->number() ?? 1.0,
            self::shelf($n->optional('shelf')),
            self::packs($n->field('packs')),
            $n->field('price')->integer(0, 10_000_000),
            self::rate($n->optional('rate')),
            $this->ids('cautions', $n->optional('cautions')),
            self::source($n->optional('source')),
            true === $n->optional('free')?->boolean(),
        );
    }

    private function product(Node $n, string $id): Product
    {
        $density = $n->optional('density');
        $climate = $n->field('climate');
        if (
            $climate->field('least')->quantity(Temperature::class)->c() >=
            $climate->field('most')->quantity(Temperature::class)->c()
        ) {
            throw $climate
                ->field('most')
                ->refuse('Nothing lies between the coldest and the hottest.', 'a temperature above "least"');
        }

        return new Product(
            $id,
            $n->field('name')->text(),
            $n->field('example')->text(),
            self::texts($n->field('tags')),
            'one part' === $n->field('ratio')->text()
                ? MixRatio::onePart($n->optional('thinner')?->quantity(Percentage::class)->ratioValue() ?? 0.0)
                : $n->field('ratio')->ratio(),
            self::solids($n->field('solids')),
            self::film($n->field('dft')),
            RatioBy::from(
                $n
                    ->optional('ratio_by')
                    ?->choice(array_map(static fn(RatioBy $b): string => $b->value, RatioBy::cases())) ?? 'volume',
            ),
            $n->optional('other_ratio')?->ratio(),
            $density?->optional('base')?->quantity(Density::class),
            $density?->optional('hardener')?->quantity(Density::class),
            $density?->optional('thinner')?->quantity(Density::class),
            self::time($n->optional('pot_life')),
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
            array_map(fn(Node $e): Effect => $this->effect($e), $n->optional('does')?->items() ?? []),
            $this->ids('cautions', $n->optional('cautions')),
            $this->ids('limits', $n->optional('requires')),
            self::texts($n->optional('chemicals')),
            $n->optional('notes')?->text(400) ?? '',
            $n->optional('cleaner')?->choice($this->known['supplies']) ?? '',
            self::shelf($n->optional('shelf')),
            self::tins($n->optional('packs')),
            $n->optional('price')?->integer(0, 10_000_000) ?? 0,
            self::least($n->optional('voc'))?->number() ?? 0.0,
            $n->optional('role')?->choice(['film', 'filler']) ?? 'film',
            self::source($n->field('source')),
            $n->optional('tolerance')?->quantity(Percentage::class) ?? Percentage::ratio(Dose::DEFAULT_TOLERANCE),
            true === $n->optional('thin_after_induction')?->boolean(),
            ($n->optional('thinner_supply') ?? $n->optional('cleaner'))?->choice($this->known['supplies']) ?? '',
            self::texts($n->optional('sheet')),
        );
    }

    private static function solids(Node $n): Percentage
    {
        $solids = $n->quantity(Percentage::class);

        return $solids->ratioValue() > 0.0 && $solids->ratioValue() <= 1.0
            ? $solids
            : throw $n->refuse(
                'A paint has some solids, and not more than all of it.',
                'volume solids above 0 % up to 100 %',
            );
    }

    private static function film(Node $n): FilmThickness
    {
        $film = $n->quantity(FilmThickness::class);

        return $film->um() > 0.0 ? $film : throw $n->refuse('A film has a thickness.', 'a dry film above 0 um');
    }

    /** @return list<string> sizes of any measure, above nothing */
    private static function packs(?Node $list): array
    {
        foreach ($list?->items() ?? [] as $n) {
            try {
                $size = Pack::size($n->text());
            } catch (InvalidQuantity $e) {
                throw $n->refuse($e->getMessage(), $e->accepted);
            }
            if ($size->si() <= 0.0) {
                throw $n->refuse('A pack holds something.', 'a size above nothing, such as 400 mL, 5 kg or 50 pcs');
            }
        }

        return self::texts($list);
    }

    /** @return list<string> sizes of paint, above nothing */
    private static function tins(?Node $list): array
    {
        foreach ($list?->items() ?? [] as $n) {
            if ($n->quantity(Volume::class)->litresValue() <= 0.0) {
                throw $n->refuse('A tin holds something.', 'a volume above nothing, such as 400 mL or 2.5 L');
            }
        }

        return self::texts($list);
    }

    private static function rate(?Node $n): string
    {
        if (null === $n || in_array($n->text(), Supply::RATES, true)) {
            return $n?->text() ?? '';
        }
        foreach ([VolumePerArea::class, MassPerArea::class, Density::class] as $kind) {
            try {
                $kind::parse($n->text());

                return $n->text();
            } catch (InvalidQuantity) {
                continue;
            }
        }
        throw $n->refuse(
            sprintf('"%s" is not a rate.', $n->text()),
            'a rate such as 0.1 L/m2, 20 mL/m2, 80 g/m2, 0.6 kg/m2, 0.02 kg/L, or: ' . implode(', ', Supply::RATES),
        );
    }

    private static function source(?Node $n): string
    {
        return $n?->choice(array_map(static fn(Source $s): string => $s->value, Source::cases())) ??
            Source::Typical->value;
    }

    private static function time(?Node $n): ?Duration
    {
        $time = $n?->quantity(Duration::class);

        return null === $n || null === $time || $time->h() > 0.0
            ? $time
            : throw $n->refuse('That is no time.', 'a time above nothing, such as 90 min');
    }

    private static function least(?Node $n): ?Node
    {
        return null === $n || $n->number() >= 0.0
            ? $n
            : throw $n->refuse('This is below nothing.', 'a number from 0 up');
    }

    private static function above(?Node $n): ?Node
    {
        return null === $n || $n->number() > 0.0
            ? $n
            : throw $n->refuse('This is not above nothing.', 'a number above 0');
    }

    private function manner(Node $n): Manner
    {
        $n->field('id')->choice($this->known['step tags']);
        $is = static fn(string $f): bool => true === $n->optional($f)?->boolean();

        return new Manner(
            noisy: $is('noisy'),
            dusty: $is('dusty'),
            whole: $is('whole'),
            dryWeather: $is('dry_weather'),
            wet: $is('wet'),
        );
    }

    /** @return array<int|string, Choice> the ways of putting paint on, each of which the loss table knows */
    private function methods(): array
    {
        foreach ($this->data->field('methods')->items() as $n) {
            $n->field('id')->choice(array_keys(Loss::METHODS));
        }

        return $this->choices('methods');
    }

    private static function shelf(?Node $n): Shelf
    {
        return new Shelf(
            $n?->optional('sealed')?->integer(1, 600),
            $n?->optional('opened')?->integer(0, 600),
            $n?->optional('activated')?->quantity(Duration::class),
            $n?->optional('note')?->text() ?? '',
        );
    }

    private function consumable(Node $n, string $id): Consumable
    {
        $rates = array_map(static fn(string $per): float => $n->optional('per_' . $per)?->number() ?? 0.0, [
            'step',
            'm2',
            'hour',
            'batch',
        ]);

        return new Consumable(
            $id,
            $n->field('name')->text(),
            self::known($n->field('step_tags'), [...$this->known['step tags'], ...$this->known['materials']]),
            self::known($n->optional('methods'), array_keys(Loss::METHODS)),
            $rates[0],
            $rates[1],
            $rates[2],
            $rates[3],
            $n->field('unit')->choice(['pc', 'm', 'L']),
            self::packs($n->field('packs')),
            $n->field('price')->integer(0, 10_000_000),
            $n->optional('note')?->text(300) ?? '',
            true === $n->optional('cleaner')?->boolean(),
        );
    }

    private function cure(?Node $n): ?CureSheet
    {
        if (null === $n) {
            return null;
        }
        $max = $n->optional('recoat_max');
        $again = $n->optional('recoat_again');
        $stated = [];
        foreach (Readiness::cases() as $ready) {
            $rows = $n->optional($ready->value);
            $stated += null === $rows ? [] : [$ready->value => self::rows($rows)];
        }

        return new CureSheet(
            self::rows($n->field('touch')),
            self::rows($n->field('recoat_min')),
            null === $max ? null : self::rows($max, true),
            null === $again ? null : self::rows($again),
            self::rows($n->field('full')),
            $stated,
        );
    }

    /** @param bool $carries a window that closes, see CureRows */
    private static function rows(Node $n, bool $carries = false): CureRows
    {
        try {
            return CureRows::of(array_map(static fn(Node $hours): float => $hours->number(), $n->fields()), $carries);
        } catch (InvalidQuantity $e) {
            throw $n->refuse($e->getMessage(), $e->accepted);
        }
    }

    /** @param array<int|string, School> $schools */
    private function step(Node $n, string $id, int $order, array $schools): Step
    {
        $takes = $n
            ->field('takes')
            ->only([
                'setup_min',
                'min_per_m2',
                'scales_with',
                'wait_h',
                'wait_for',
                'penalty',
                'money',
                'money_per_m2',
            ]);

        return new Step(
            $id,
            $n->field('name')->text(),
            $n->field('phase')->choice($this->known['phases']),
            self::texts($n->optional('tags')),
            $this->needs($n->optional('needs'), $id),
            array_map(fn(Node $e): Effect => $this->effect($e), $n->optional('does')?->items() ?? []),
            new Takes(
                self::least($takes->optional('setup_min'))?->number() ?? 0.0,
                self::least($takes->optional('min_per_m2'))?->number() ?? 0.0,
                $takes->optional('scales_with')?->choice($this->factIds),
                self::least($takes->optional('wait_h'))?->number() ?? 0.0,
                $takes->optional('wait_for')?->choice(['drying', 'dwell', 'touch', 'recoat', 'full']),
                $takes->optional('penalty')?->number() ?? 0.0,
                $takes->optional('money')?->number() ?? 0.0,
                $takes->optional('money_per_m2')?->number() ?? 0.0,
            ),
            $n->field('how')->text(600),
            $n->field('why')->text(400),
            $n->field('look')->text(400),
            $this->scope($n, $schools),
            $this->ids('limits', $n->optional('requires')),
            $this->ids('cautions', $n->optional('cautions')),
            $this->ids('materials', $n->optional('uses')),
            self::texts($n->optional('chemicals')),
            $n->optional('accept')?->choice($this->known['tests']),
            $this->grits($n->optional('grits')),
            true === $n->optional('shared')?->boolean(),
            true === $n->optional('lays_film')?->boolean(),
            true === $n->optional('cures')?->boolean(),
            $n->optional('strips')?->integer(0, 10) ?? 0,
            $order,
        );
    }

    private static function run(Node $n, string $id): AbrasiveRun
    {
        $life = [];
        foreach ($n->optional('disc_life_m2')?->fields() ?? [] as $grit => $m2) {
            $life[(int) $grit] = $m2->number();
        }

        return new AbrasiveRun(
            $id,
            $n->field('name')->text(),
            array_map(static fn(Node $g): int => $g->integer(16, 5000), $n->field('grits')->items()),
            $life,
            $n->field('note')->text(300),
        );
    }

    private function grits(?Node $n): ?Grits
    {
        if (null === $n) {
            return null;
        }
        $run = $this->runs[$n->field('run')->choice(Keys::of($this->runs))];
        $of = array_map(static fn(Node $g): int => $g->integer(16, 5000), $n->field('of')->items());
        if ([] === $of || !($grits = new Grits($run, $of))->isUnbroken()) {
            throw $n
                ->field('of')
                ->refuse(
                    'These grits are not a run.',
                    sprintf('rising grits of %s, leaving out no more than one', implode(', ', $run->grits)),
                );
        }

        return $grits;
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
            $needs[] = $this->need($n, $id . '.' . ($index + 1));
        }

        return $needs;
    }

    private function need(Node $n, string $id): Need
    {
        return new Need(
            $id,
            PredicateReader::read($n, $this->factIds, $this->known['product tags']),
            $n->field('says')->text(300),
            $n->field('else')->text(300),
            $n->optional('source')?->text() ?? 'trade practice',
            $n->optional('scar')?->choice($this->factIds),
        );
    }

    /** @return array<int|string, Grade> */
    private function grades(Node $list): array
    {
        $grades = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $facts = [];
            foreach ($n->field('facts')->fields() as $fact => $level) {
                if (!in_array($fact, $this->factIds, true)) {
                    throw $level->refuse(
                        sprintf('There is no fact "%s".', $fact),
                        'one of: ' . implode(', ', $this->factIds),
                    );
                }
                $facts[$fact] = $level->number();
            }
            $grades[$id] = new Grade($id, $n->field('name')->text(), $n->field('look')->text(400), $facts);
        }

        return $grades;
    }

    /**
     * @param array<int|string, School> $schools
     *
     * @return array<int|string, list<string>>
     */
    private function schools(?Node $n, array $schools): array
    {
        $read = [];
        foreach ($n?->fields() ?? [] as $question => $answers) {
            $school =
                $schools[$question] ??
                throw $answers->refuse('There is no such school question.', implode(', ', array_keys($schools)));
            $read[$question] = self::known($answers, array_map('strval', array_keys($school->answers)));
        }

        return $read;
    }

    /** @return array<int|string, Choice> */
    private function choices(string $kind): array
    {
        return $this->choicesOf($this->data->field($kind));
    }

    /** @return array<int|string, Choice> */
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
     * @return array<int|string, T>
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
        return array_map(static fn(Node $n): string => $n->text(), $list?->items() ?? []);
    }

    /** @return list<string> ids that must be known */
    private function ids(string $kind, ?Node $list): array
    {
        return self::known($list, $this->known[$kind]);
    }

    /** @return list<string> every text that entries of these kinds list under a field */
    private function gathered(string $field, string ...$kinds): array
    {
        $texts = [];
        foreach ($kinds as $kind) {
            foreach ($this->data->field($kind)->items() as $n) {
                $texts = [...$texts, ...self::texts($n->optional($field))];
            }
        }

        return array_values(array_unique($texts));
    }

    /** @return list<string> */
    private static function idsIn(Node $list): array
    {
        return array_map(static fn(Node $n): string => $n->field('id')->text(), $list->items());
    }

    /**
     * @param list<string> $allowed
     *
     * @return list<string>
     */
    private static function known(?Node $list, array $allowed): array
    {
        return array_map(static fn(Node $n): string => $n->choice($allowed), $list?->items() ?? []);
    }
}
