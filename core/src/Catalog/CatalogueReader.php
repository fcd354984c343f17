<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Climate\Enclosure;
use Hull\Climate\Season;
use Hull\Compute\Figures;
use Hull\Effort\Pace;
use Hull\Effort\Paces;
use Hull\Film\Method;
use Hull\Film\MethodPace;
use Hull\Film\Methods;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Quantity\Length;
use Hull\Quantity\Percentage;
use Hull\Quantity\Speed;
use Hull\Quantity\Table;

/** Builds the catalogue from decoded data: kind => entries. Unknown ids are refused with their place. */
final class CatalogueReader
{
    public const KINDS = [
        'facts',
        'signs',
        'substrates',
        'conditions',
        'services',
        'aims',
        'finishes',
        'places',
        'hazards',
        'methods',
        'paces',
        'figures',
        'cures',
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
        'coverings',
        'local',
        'sorts',
        'working',
        'climates',
    ];

    private readonly Names $names;

    private function __construct(private readonly Node $data)
    {
        $this->names = new Names();
    }

    /** @param array<int|string, mixed> $data kind => list of entries */
    public static function read(array $data): Catalogue
    {
        return (new self(Node::root($data)))->catalogue();
    }

    private function catalogue(): Catalogue
    {
        $names = $this->names;
        foreach (['step tags' => ['tags', 'steps'], 'product tags' => ['tags', 'products']] as $kind => [$field, $of]) {
            $names->add($kind, Names::gathered($this->data, $field, $of));
        }
        $names->add('chemicals', Names::gathered($this->data, 'chemicals', 'steps', 'supplies', 'products'));
        foreach (['places', 'limits', 'phases', 'aims', 'finishes', 'steps', 'protection', 'methods'] as $kind) {
            $names->add($kind, Names::in($this->data->field($kind)));
        }
        $facts = FactTable::read($this->data->field('facts'), $names->of('step tags'), $names->of('product tags'));
        $names->add('facts', $facts->ids());
        $signs = $this->choices('signs');
        $tables = $this->tables();
        $names->add('masses', $tables['part-lag']->ids());
        $names->add('exposures', $tables['drying']->ids());
        $substrates = $this->substrates(Keys::of($signs));
        $names->add(
            'families',
            array_values(
                array_unique(
                    array_merge(
                        ...array_values(array_map(static fn(Substrate $s): array => $s->families, $substrates)),
                    ),
                ),
            ),
        );
        $services = $this->services();
        $names->add('services', Keys::of($services));
        $limits = $this->limits();
        $methods = new Methods($this->keyed('methods', $this->method(...)));
        $paces = $this->keyed(
            'paces',
            static fn(Node $n, string $id): Pace => StepReader::pace($n, $id, $facts->ids()),
        );
        $protection = $this->protection();
        $conditions = $this->keyed(
            'conditions',
            fn(Node $n, string $id): Condition => $this->condition($n, $id, $facts),
        );
        $cautions = $this->cautions();
        $names->add('cautions', Keys::of($cautions));
        $schools = new SchoolReader($names, $this->data->field('schools'));
        $tests = $this->tests($facts);
        $names->add('tests', Keys::of($tests));
        $needs = new NeedReader($facts, $names->of('product tags'));
        $cures = $this->keyed('cures', FigureReader::cure(...));
        $materials = new MaterialReader($names, $facts, $needs, $cures);
        $supplies = $this->keyed('supplies', $materials->supply(...));
        $names->add('supplies', Keys::of($supplies));
        $products = $this->keyed('products', $materials->product(...));
        $names->add('materials', [...Keys::of($supplies), ...Keys::of($products)]);
        $runs = $this->keyed('abrasives', StepReader::run(...));
        $working = $this->keyed('working', $this->manner(...));
        $steps = $this->steps(
            new StepReader(
                names: $names,
                facts: $facts,
                needs: $needs,
                schools: $schools,
                runs: $runs,
                paces: $paces,
                working: $working,
            ),
        );

        return new Catalogue(
            facts: $facts->facts,
            signs: $signs,
            substrates: $substrates,
            conditions: $conditions,
            services: $services,
            aims: $this->keyed('aims', (new AimReader($names, $facts, $schools))->aim(...)),
            finishes: $this->choices('finishes'),
            places: $this->places(),
            hazards: $this->keyed('hazards', fn(Node $n, string $id): Hazard => $this->hazard($n, $id)),
            figures: new Figures($methods, new Paces($paces), $tables, $cures),
            phases: $this->choices('phases'),
            limits: $limits,
            protection: $protection,
            cautions: $cautions,
            schools: $schools->schools,
            tests: $tests,
            supplies: $supplies,
            products: $products,
            steps: $steps,
            rules: $this->rules($needs, $schools),
            interlocks: $this->interlocks(),
            systems: (new SystemReader(
                data: $this->data,
                products: $products,
                tags: $names->of('product tags'),
                scope: $schools->scope(...),
                needs: $needs->needs(...),
                when: $schools->when(...),
                services: Keys::of($services),
                occurs: static fn(Scope $scope): bool => $scope->occurs($substrates, $services),
                aim: $names->of('aims')[count($names->of('aims')) - 1] ?? '',
            ))->systems(),
            abrasives: array_values($runs),
            consumables: $this->keyed('consumables', $materials->consumable(...)),
            coverings: $this->keyed('coverings', $this->covering(...)),
            local: $this->local(),
            climates: $this->keyed('climates', $this->climate(...)),
            sorts: $this->keyed('sorts', static fn(Node $n): string => $n->field('says')->text()),
        );
    }

    /**
     * @param list<string> $signs
     *
     * @return array<int|string, Substrate>
     */
    private function substrates(array $signs): array
    {
        return $this->keyed(
            'substrates',
            fn(Node $n, string $id): Substrate => new Substrate(
                id: $id,
                name: $n->field('name')->text(),
                families: Names::texts($n->field('families')),
                tell: $n->field('tell')->text(400),
                hatch: $n->field('hatch')->text(),
                kin: $n->optional('kin')?->text() ?? 'none',
                signs: array_map(Names::texts(...), $n->optional('signs')?->only($signs)->fields() ?? []),
                mass: $n->optional('mass')?->choice($this->names->of('masses')) ?? 'sheet',
            ),
        );
    }

    /** @return array<int|string, Table> each that a formula stands on */
    private function tables(): array
    {
        $tables = $this->keyed('figures', FigureReader::table(...));
        $lacks = array_diff(Figures::TABLES, array_keys($tables));

        return [] === $lacks
            ? $tables
            : throw $this->data->field('figures')->refuse('Formulas lack figures.', implode(', ', $lacks));
    }

    /** @return array<int|string, Service> */
    private function services(): array
    {
        return $this->keyed(
            'services',
            fn(Node $n, string $id): Service => new Service(
                $id,
                $n->field('name')->text(),
                $n->optional('hint')?->text(400) ?? '',
                $this->names->ids('families', $n->optional('substrates')),
                $this->names->ids('families', $n->optional('except')),
                $n->optional('why_not')?->text(300) ?? '',
            ),
        );
    }

    /** @return array<int|string, Capability> */
    private function limits(): array
    {
        return $this->keyed(
            'limits',
            static fn(Node $n, string $id): Capability => new Capability(
                $id,
                $n->field('name')->text(),
                $n->field('kind')->choice(['gear', 'skill', 'taste']),
                $n->optional('hint')?->text(300) ?? '',
                true === $n->optional('at_start')?->boolean(),
            ),
        );
    }

    /** @return array<int|string, Protection> */
    private function protection(): array
    {
        return $this->keyed(
            'protection',
            static fn(Node $n, string $id): Protection => new Protection(
                $id,
                $n->field('name')->text(),
                $n->field('guards')->text(),
                $n->field('rank')->integer(1, 9),
                $n->optional('change')?->text(200) ?? '',
            ),
        );
    }

    /** @return array<int|string, Caution> */
    private function cautions(): array
    {
        return $this->keyed(
            'cautions',
            fn(Node $n, string $id): Caution => new Caution(
                id: $id,
                name: $n->field('name')->text(400),
                hint: $n->optional('hint')?->text(400) ?? '',
                protect: $this->names->ids('protection', $n->optional('protect')),
                disposal: $n->optional('disposal')?->text(300) ?? '',
                hazard: $n->optional('hazard')?->integer(0, 5) ?? 1,
                forHeavy: $n->optional('for_heavy')?->boolean() ?? false,
            ),
        );
    }

    /** @return array<int|string, AcceptanceTest> */
    private function tests(FactTable $facts): array
    {
        return $this->keyed(
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
                onFail: $this->names->ids('steps', $n->optional('on_fail')),
                shows: $facts->levels($n->optional('shows')),
                twin: $n->optional('twin')?->text(300) ?? '',
                standard: $n->field('standard')->text(),
            ),
        );
    }

    /** @return array<int|string, Enclosure> */
    private function places(): array
    {
        return $this->keyed(
            'places',
            static fn(Node $n, string $id): Enclosure => new Enclosure(
                id: $id,
                name: $n->field('name')->text(),
                hint: $n->field('hint')->text(400),
                sheltered: $n->field('sheltered')->boolean(),
                lagHours: $n->optional('lag_h')?->number() ?? 0.0,
                gainC: $n->optional('gain_c')?->number() ?? 0.0,
                holds: $n->optional('holds')?->choice(Enclosure::HOLDS) ?? 'nothing',
                lossWPerM2K: Checked::least($n->optional('loss'))?->number() ?? 0.0,
            ),
        );
    }

    /** @return array<int|string, LocalTopic> */
    private function local(): array
    {
        return $this->keyed(
            'local',
            fn(Node $n, string $id): LocalTopic => new LocalTopic(
                $id,
                $n->field('name')->text(),
                $n->field('hint')->text(300),
                $this->names->ids('cautions', $n->field('cautions')),
            ),
        );
    }

    /** @return list<Interlock> */
    private function interlocks(): array
    {
        return array_values(
            $this->keyed(
                'interlocks',
                fn(Node $n, string $id): Interlock => new Interlock(
                    id: $id,
                    first: $this->names->ids('chemicals', $n->field('first')),
                    second: $this->names->ids('chemicals', $n->field('second')),
                    parting: $this->names->ids('steps', $n->optional('parting')),
                    hours: $n->optional('hours')?->number() ?? 24.0,
                    ordered: true === $n->optional('ordered')?->boolean(),
                    says: $n->field('says')->text(300),
                    consequence: $n->field('else')->text(300),
                    source: $n->field('source')->text(),
                ),
            ),
        );
    }

    /** @return list<Rule> */
    private function rules(NeedReader $needs, SchoolReader $schools): array
    {
        return array_values(
            $this->keyed(
                'rules',
                fn(Node $n, string $id): Rule => new Rule(
                    need: $needs->need($n->field('need'), $id),
                    stepTags: $this->names->ids('step tags', $n->optional('step_tags')),
                    exceptTags: $this->names->ids('step tags', $n->optional('except_tags')),
                    productTags: $this->names->ids('product tags', $n->optional('product_tags')),
                    exceptProductTags: $this->names->ids('product tags', $n->optional('except_product_tags')),
                    scope: $schools->scope($n),
                    level: RuleLevel::from(
                        $n
                            ->optional('level')
                            ?->choice(array_map(static fn(RuleLevel $l): string => $l->value, RuleLevel::cases())) ??
                            'order',
                    ),
                    family: $n->optional('family')?->integer(0, 16) ?? 0,
                    atOnce: true === $n->optional('at_once')?->boolean(),
                ),
            ),
        );
    }

    /** @return array<int|string, Step> in the order of the trade */
    private function steps(StepReader $reader): array
    {
        $order = 0;

        return $this->keyed('steps', static function (Node $n, string $id) use (&$order, $reader): Step {
            return $reader->step($n, $id, ++$order);
        });
    }

    private function condition(Node $n, string $id, FactTable $facts): Condition
    {
        return new Condition(
            id: $id,
            name: $n->field('name')->text(),
            grades: $this->grades($n->field('grades'), $facts),
            hint: $n->field('hint')->text(400),
            group: $n->field('group')->text(),
            families: $this->names->ids('families', $n->optional('substrates')),
            picture: $n->optional('picture')?->text() ?? $id,
        );
    }

    private function method(Node $n, string $id): Method
    {
        $fan = $n->optional('fan')?->only(['width', 'overlap', 'speed']);
        $pace = $n->optional('pace')?->only(['least', 'most', 'setup']);

        return new Method(
            id: $id,
            name: $n->field('name')->text(),
            hint: $n->field('hint')->text(),
            lossPoints: Checked::least($n->optional('loss'))?->number(),
            fan: null === $fan
                ? null
                : [
                    $fan->field('width')->quantity(Length::class),
                    $fan->field('overlap')->quantity(Percentage::class),
                    $fan->field('speed')->quantity(Speed::class),
                ],
            pace: null === $pace
                ? null
                : new MethodPace(
                    Checked::minutes($pace->field('least')),
                    Checked::minutes($pace->field('most')),
                    Checked::minutes($pace->field('setup')),
                ),
            gear: $this->names->ids('limits', $n->optional('gear')),
            lays: $this->names->ids('product tags', $n->optional('lays')),
            offered: false !== $n->optional('offered')?->boolean(),
        );
    }

    private function covering(Node $n, string $id): Covering
    {
        return new Covering(
            id: $id,
            name: $n->field('name')->text(),
            by: $n->field('by')->choice([...Covering::BY, Covering::NOTHING]),
            sizes: array_map(static function (Node $start): string {
                $start->quantity(Length::class);

                return $start->text(20);
            }, $n->optional('sizes')?->only(Covering::SIZES)->fields() ?? []),
            hint: $n->field('hint')->text(200),
            brings: $n->optional('brings')?->choice($this->names->of('facts')),
            families: $this->names->ids('families', $n->optional('families')),
        );
    }

    private function hazard(Node $n, string $id): Hazard
    {
        return new Hazard(
            $id,
            $n->field('name')->text(),
            $n->optional('hint')?->text(400) ?? '',
            $n->field('fact')->choice($this->names->of('facts')),
        );
    }

    private function climate(Node $n, string $id): Season
    {
        $months = static fn(string $f): array => 12 === count($n->field($f)->items(12))
            ? array_map(static fn(Node $m): float => $m->number(), $n->field($f)->items(12))
            : throw $n->field($f)->refuse('A year has twelve months.', 'twelve temperatures, °C');

        return new Season(
            id: $id,
            name: $n->field('name')->text(),
            hint: $n->field('hint')->text(),
            low: $months('low'),
            high: $months('high'),
            dewBelow: $n->field('dew_below')->number(),
        );
    }

    private function manner(Node $n): WorkingConditions
    {
        $n->field('id')->choice($this->names->of('step tags'));
        $is = static fn(string $f): bool => true === $n->optional($f)?->boolean();

        return new WorkingConditions(
            noisy: $is('noisy'),
            dusty: $is('dusty'),
            whole: $is('whole'),
            dryWeather: $is('dry_weather'),
            air: Checked::air($n->optional('air')),
            dirty: $is('dirty'),
            apart: $is('apart'),
            opens: $is('opens'),
            alone: $is('alone'),
            fills: $is('fills'),
            closes: $is('closes'),
            putsOn: $is('puts_on'),
            covers: $is('covers'),
            forCoat: $is('for_coat'),
            forNext: $is('for_next'),
            looks: $is('looks'),
            unmasks: $is('unmasks'),
            keepsWet: $is('keeps_wet'),
            loads: $is('loads'),
            lifts: $n->optional('lifts')?->integer(0, 4) ?? 0,
        );
    }

    /** @return array<int|string, Grade> */
    private function grades(Node $list, FactTable $table): array
    {
        $grades = [];
        foreach ($list->items() as $n) {
            $id = $n->field('id')->text();
            $facts = $table->levels($n->field('facts'));
            $grades[$id] = new Grade($id, $n->field('name')->text(), $n->field('look')->text(400), $facts);
        }

        return $grades;
    }

    /** @return array<int|string, Choice> */
    private function choices(string $kind): array
    {
        return $this->keyed(
            $kind,
            static fn(Node $n, string $id): Choice => new Choice(
                $id,
                $n->field('name')->text(),
                $n->optional('hint')?->text(400) ?? '',
            ),
        );
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
}
