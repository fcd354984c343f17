<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Compute\Figures;
use Hull\Effort\Pace;
use Hull\Effort\Paces;
use Hull\Film\Methods;
use Hull\Input\Keys;
use Hull\Input\Node;
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
        $survey = new SurveyReader($names, $facts, Keys::of($signs));
        $substrates = $this->keyed('substrates', $survey->substrate(...));
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
        $services = $this->keyed('services', $survey->service(...));
        $names->add('services', Keys::of($services));
        $yard = new YardReader($names);
        $limits = $this->keyed('limits', $yard->limit(...));
        $methods = new Methods(
            $this->keyed('methods', $yard->method(...)),
            Keys::of(array_filter($limits, static fn(Capability $c): bool => $c->sprays)),
        );
        $paces = $this->keyed(
            'paces',
            static fn(Node $n, string $id): Pace => StepReader::pace($n, $id, $facts->ids()),
        );
        $protection = $this->keyed('protection', $yard->protection(...));
        $conditions = $this->keyed('conditions', $survey->condition(...));
        $schools = new SchoolReader($names, $this->data->field('schools'));
        $needs = new NeedReader($facts, $names->of('product tags'));
        $minded = new RuleReader($names, $facts, $needs, $schools);
        $cautions = $this->keyed('cautions', $minded->caution(...));
        $names->add('cautions', Keys::of($cautions));
        $tests = $this->keyed('tests', $minded->test(...));
        $names->add('tests', Keys::of($tests));
        $cures = $this->keyed('cures', FigureReader::cure(...));
        $materials = new MaterialReader($names, $facts, $needs, $cures);
        $supplies = $this->keyed('supplies', $materials->supply(...));
        $names->add('supplies', Keys::of($supplies));
        $products = $this->keyed('products', $materials->product(...));
        $names->add('materials', [...Keys::of($supplies), ...Keys::of($products)]);
        $runs = $this->keyed('abrasives', StepReader::run(...));
        $working = $this->keyed('working', $yard->manner(...));
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
            places: $this->keyed('places', $yard->place(...)),
            hazards: $this->keyed('hazards', $yard->hazard(...)),
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
            rules: array_values($this->keyed('rules', $minded->rule(...))),
            interlocks: array_values($this->keyed('interlocks', $minded->interlock(...))),
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
            coverings: $this->keyed('coverings', $yard->covering(...)),
            local: $this->keyed('local', $yard->local(...)),
            climates: $this->keyed('climates', $yard->climate(...)),
            sorts: $this->keyed('sorts', static fn(Node $n): string => $n->field('says')->text()),
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

    /** @return array<int|string, Step> in the order of the trade */
    private function steps(StepReader $reader): array
    {
        $order = 0;

        return $this->keyed('steps', static function (Node $n, string $id) use (&$order, $reader): Step {
            return $reader->step($n, $id, ++$order);
        });
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
