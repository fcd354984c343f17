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
use Hull\Surface\Precondition;
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
                id: $id,
                name: $n->field('name')->text(),
                families: self::texts($n->field('families')),
                tell: $n->field('tell')->text(400),
                hatch: $n->field('hatch')->text(),
                kin: $n->optional('kin')?->text() ?? 'none',
                signs: array_map(self::texts(...), $n->optional('signs')?->only(Keys::of($signs))->fields() ?? []),
                mass: $n->optional('mass')?->choice(Keys::of(PartLag::TAU_HOURS)) ?? 'sheet',
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
            static fn(Node $n, string $id): Capability => new Capability(
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
                id: $id,
                name: $n->field('name')->text(),
                grades: $this->grades($n->field('grades')),
                hint: $n->field('hint')->text(400),
                group: $n->field('group')->text(),
                families: $this->ids('families', $n->optional('substrates')),
                picture: $n->optional('picture')?->text() ?? $id,
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
                id: $id,
                name: $n->field('name')->text(),
                reading: $n->field('reading')->choice(['yes-no', 'number', 'scale']),
                unit: $n->optional('unit')?->text() ?? '',
                least: $n->optional('least')?->number(),
                most: $n->optional('most')?->number(),
                pass: $n->field('pass')->text(300),
                fail: $n->field('fail')->text(300),
                onFail: $this->ids('steps', $n->optional('on_fail')),
                twin: $n->optional('twin')?->text(300) ?? '',
                standard: $n->field('standard')->text(),
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
            facts: $facts,
            signs: $signs,
            substrates: $substrates,
            conditions: $conditions,
            services: $services,
            finishes: $finishes,
            places: $this->keyed(
                'places',
                static fn(Node $n, string $id): Enclosure => new Enclosure(
                    id: $id,
                    name: $n->field('name')->text(),
                    hint: $n->field('hint')->text(400),
                    sheltered: $n->field('sheltered')->boolean(),
                    lagHours: $n->optional('lag_h')?->number() ?? 0.0,
                    gainC: $n->optional('gain_c')?->number() ?? 0.0,
                    holds: $n->optional('holds')?->choice(Enclosure::HOLDS) ?? 'nothing',
                ),
            ),
            hazards: $this->choices('hazards'),
            methods: $this->methods(),
            phases: $phases,
            limits: $limits,
            protection: $protection,
            cautions: $cautions,
            schools: $schools,
            tests: $tests,
            supplies: $supplies,
            products: $products,
            steps: $steps,
            rules: array_values(
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
            interlocks: array_values(
                $this->keyed(
                    'interlocks',
                    fn(Node $n, string $id): Interlock => new Interlock(
                        id: $id,
                        first: $this->ids('chemicals', $n->field('first')),
                        second: $this->ids('chemicals', $n->field('second')),
                        parting: $this->ids('steps', $n->optional('parting')),
                        hours: $n->optional('hours')?->number() ?? 24.0,
                        ordered: true === $n->optional('ordered')?->boolean(),
                        says: $n->field('says')->text(300),
                        consequence: $n->field('else')->text(300),
                        source: $n->field('source')->text(),
                    ),
                ),
            ),
            systems: (new SystemReader(
                $this->data,
                $products,
                $this->known['product tags'],
                fn(Node $n): Scope => $this->scope($n, $schools),
                fn(?Node $n, string $id): array => $this->needs($n, $id),
            ))->systems(),
            abrasives: array_values($this->runs),
            consumables: $this->keyed('consumables', fn(Node $n, string $id): Consumable => $this->consumable($n, $id)),
            local: $this->keyed(
                'local',
                fn(Node $n, string $id): LocalTopic => new LocalTopic(
                    $id,
                    $n->field('name')->text(),
                    $n->field('hint')->text(300),
                    $this->ids('cautions', $n->field('cautions')),
                ),
            ),
            working: $this->keyed('working', fn(Node $n): WorkingConditions => $this->manner($n)),
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
            id: $id,
            name: $n->field('name')->text(),
            example: $n->field('example')->text(),
            kind: $n->field('kind')->text(),
            use: $n->field('use')->text(400),
            limits: $n->optional('limits')?->text(400) ?? '',
            chemicals: self::texts($n->optional('chemicals')),
            never: $this->ids('families', $n->optional('never')),
            density: self::above($n->optional('density'))?->number() ?? 1.0,
            shelf: self::shelf($n->optional('shelf')),
            packs: self::packs($n->field('packs')),
            price: $n->field('price')->integer(0, 10_000_000),
            rate: self::rate($n->optional('rate')),
            cautions: $this->ids('cautions', $n->optional('cautions')),
            source: self::source($n->optional('source')),
            free: true === $n->optional('free')?->boolean(),
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
            id: $id,
            name: $n->field('name')->text(),
            example: $n->field('example')->text(),
            tags: self::texts($n->field('tags')),
            ratio: 'one part' === $n->field('ratio')->text()
                ? MixRatio::onePart($n->optional('thinner')?->quantity(Percentage::class)->ratioValue() ?? 0.0)
                : $n->field('ratio')->ratio(),
            solids: self::solids($n->field('solids')),
            dft: self::film($n->field('dft')),
            ratioBy: RatioBy::from(
                $n
                    ->optional('ratio_by')
                    ?->choice(array_map(static fn(RatioBy $b): string => $b->value, RatioBy::cases())) ?? 'volume',
            ),
            otherRatio: $n->optional('other_ratio')?->ratio(),
            baseDensity: $density?->optional('base')?->quantity(Density::class),
            hardenerDensity: $density?->optional('hardener')?->quantity(Density::class),
            thinnerDensity: $density?->optional('thinner')?->quantity(Density::class),
            potLife: self::time($n->optional('pot_life')),
            induction: $n->optional('induction')?->quantity(Duration::class) ?? Duration::hours(0.0),
            cureKind: $n->field('cure_kind')->choice(\Hull\Cure\CureFactor::KINDS),
            cure: $this->cure($n->optional('cure')),
            least: $climate->field('least')->quantity(Temperature::class),
            most: $climate->field('most')->quantity(Temperature::class),
            leastHumidity: $climate->optional('least_humidity')?->quantity(RelativeHumidity::class) ??
                RelativeHumidity::percent(0),
            mostHumidity: $climate->field('most_humidity')->quantity(RelativeHumidity::class),
            abradeWith: $n->field('abrade_with')->text(),
            hatch: $n->field('hatch')->text(),
            needs: $this->needs($n->optional('needs'), $id),
            does: array_map(fn(Node $e): Effect => $this->effect($e), $n->optional('does')?->items() ?? []),
            cautions: $this->ids('cautions', $n->optional('cautions')),
            requires: $this->ids('limits', $n->optional('requires')),
            chemicals: self::texts($n->optional('chemicals')),
            notes: $n->optional('notes')?->text(400) ?? '',
            cleaner: $n->optional('cleaner')?->choice($this->known['supplies']) ?? '',
            shelf: self::shelf($n->optional('shelf')),
            packs: self::tins($n->optional('packs')),
            price: $n->optional('price')?->integer(0, 10_000_000) ?? 0,
            voc: self::least($n->optional('voc'))?->number() ?? 0.0,
            role: $n->optional('role')?->choice(['film', 'filler']) ?? 'film',
            source: self::source($n->field('source')),
            tolerance: $n->optional('tolerance')?->quantity(Percentage::class) ??
                Percentage::ratio(Dose::DEFAULT_TOLERANCE),
            thinAfterInduction: true === $n->optional('thin_after_induction')?->boolean(),
            thinnerSupply: ($n->optional('thinner_supply') ?? $n->optional('cleaner'))?->choice(
                $this->known['supplies'],
            ) ?? '',
            sheet: self::texts($n->optional('sheet')),
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

    private function manner(Node $n): WorkingConditions
    {
        $n->field('id')->choice($this->known['step tags']);
        $is = static fn(string $f): bool => true === $n->optional($f)?->boolean();

        return new WorkingConditions(
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
            id: $id,
            name: $n->field('name')->text(),
            stepTags: self::known($n->field('step_tags'), [...$this->known['step tags'], ...$this->known['materials']]),
            methods: self::known($n->optional('methods'), array_keys(Loss::METHODS)),
            perStep: $rates[0],
            perM2: $rates[1],
            perHour: $rates[2],
            perBatch: $rates[3],
            unit: $n->field('unit')->choice(['pc', 'm', 'L']),
            packs: self::packs($n->field('packs')),
            price: $n->field('price')->integer(0, 10_000_000),
            note: $n->optional('note')?->text(300) ?? '',
            cleaner: true === $n->optional('cleaner')?->boolean(),
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
            id: $id,
            name: $n->field('name')->text(),
            phase: $n->field('phase')->choice($this->known['phases']),
            tags: self::texts($n->optional('tags')),
            needs: $this->needs($n->optional('needs'), $id),
            does: array_map(fn(Node $e): Effect => $this->effect($e), $n->optional('does')?->items() ?? []),
            takes: new StepCost(
                setupMin: self::least($takes->optional('setup_min'))?->number() ?? 0.0,
                minPerM2: self::least($takes->optional('min_per_m2'))?->number() ?? 0.0,
                scalesWith: $takes->optional('scales_with')?->choice($this->factIds),
                waitHours: self::least($takes->optional('wait_h'))?->number() ?? 0.0,
                waitFor: $takes->optional('wait_for')?->choice(['drying', 'dwell', 'touch', 'recoat', 'full']),
                penalty: $takes->optional('penalty')?->number() ?? 0.0,
                money: $takes->optional('money')?->number() ?? 0.0,
                moneyPerM2: $takes->optional('money_per_m2')?->number() ?? 0.0,
            ),
            how: $n->field('how')->text(600),
            why: $n->field('why')->text(400),
            look: $n->field('look')->text(400),
            scope: $this->scope($n, $schools),
            requires: $this->ids('limits', $n->optional('requires')),
            cautions: $this->ids('cautions', $n->optional('cautions')),
            uses: $this->ids('materials', $n->optional('uses')),
            chemicals: self::texts($n->optional('chemicals')),
            accept: $n->optional('accept')?->choice($this->known['tests']),
            grits: $this->grits($n->optional('grits')),
            shared: true === $n->optional('shared')?->boolean(),
            laysFilm: true === $n->optional('lays_film')?->boolean(),
            cures: true === $n->optional('cures')?->boolean(),
            strips: $n->optional('strips')?->integer(0, 10) ?? 0,
            order: $order,
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

    /** @return list<Precondition> */
    private function needs(?Node $list, string $id): array
    {
        $needs = [];
        foreach ($list?->items() ?? [] as $index => $n) {
            $needs[] = $this->need($n, $id . '.' . ($index + 1));
        }

        return $needs;
    }

    private function need(Node $n, string $id): Precondition
    {
        return new Precondition(
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
