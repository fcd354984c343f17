<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Effort\Pace;
use Hull\Effort\PaceRow;
use Hull\Input\Node;

/** Reads kinds of steps and the abrasives they go through. */
final readonly class StepReader
{
    /**
     * @param array<int|string, AbrasiveRun> $runs
     * @param array<int|string, Pace> $paces
     * @param array<int|string, WorkingConditions> $working by tag
     */
    public function __construct(
        private Names $names,
        private FactTable $facts,
        private NeedReader $needs,
        private SchoolReader $schools,
        private array $runs,
        private array $paces,
        private array $working,
    ) {}

    public function step(Node $n, string $id, int $order): Step
    {
        $takes = $n
            ->field('takes')
            ->only([
                'setup_min',
                'min_per_m2',
                'pace',
                'scales_with',
                'wait_h',
                'wait_for',
                'penalty',
                'money',
                'money_per_m2',
                'fee',
            ]);

        return new Step(
            id: $id,
            name: $n->field('name')->text(),
            phase: $n->field('phase')->choice($this->names->of('phases')),
            tags: Names::texts($n->optional('tags')),
            needs: $this->needs->needs($n->optional('needs'), $id),
            does: $this->facts->byStep($n),
            takes: new StepCost(
                setupMin: Checked::least($takes->optional('setup_min'))?->number() ?? 0.0,
                minPerM2: Checked::least($takes->optional('min_per_m2'))?->number() ?? 0.0,
                pace: $this->paceOf($takes->optional('pace')),
                scalesWith: $this->scales($takes->optional('scales_with')),
                waitHours: Checked::least($takes->optional('wait_h'))?->number() ?? 0.0,
                waitFor: $takes
                    ->optional('wait_for')
                    ?->choice(['drying', 'dwell', 'touch', 'recoat', 'handle', 'sand', 'full']),
                penalty: $takes->optional('penalty')?->number() ?? 0.0,
                money: $takes->optional('money')?->number() ?? 0.0,
                moneyPerM2: $takes->optional('money_per_m2')?->number() ?? 0.0,
                fee: Checked::least($takes->optional('fee'))?->number() ?? 0.0,
            ),
            how: $n->field('how')->text(600),
            why: $n->field('why')->text(400),
            look: $n->field('look')->text(400),
            scope: $this->schools->scope($n),
            requires: $this->names->ids('limits', $n->optional('requires')),
            cautions: $this->names->ids('cautions', $n->optional('cautions')),
            uses: $this->names->ids('materials', $n->optional('uses')),
            chemicals: Names::texts($n->optional('chemicals')),
            accept: $n->optional('accept')?->choice($this->names->of('tests')),
            grits: $this->grits($n->optional('grits')),
            byFirm: true === $n->optional('by_firm')?->boolean(),
            shared: true === $n->optional('shared')?->boolean(),
            laysFilm: true === $n->optional('lays_film')?->boolean(),
            cures: true === $n->optional('cures')?->boolean(),
            strips: $n->optional('strips')?->integer(0, 10) ?? 0,
            order: $order,
            worked: $this->worked(Names::texts($n->optional('tags'))),
            onlyWaits: in_array('wait', Names::texts($n->optional('tags')), true) &&
                [] === ($n->optional('does')?->items() ?? []),
        );
    }

    /** @param list<string> $tags */
    private function worked(array $tags): WorkingConditions
    {
        $worked = new WorkingConditions();
        foreach ($tags as $tag) {
            $worked = $worked->and($this->working[$tag] ?? $worked);
        }

        return $worked;
    }

    /** @return list<string> one fact or several */
    private function scales(?Node $n): array
    {
        return is_array($n?->value)
            ? Names::known($n, $this->facts->ids())
            : (null === $n
                ? []
                : [$n->choice($this->facts->ids())]);
    }

    private function paceOf(?Node $n): ?Pace
    {
        return null === $n ? null : $this->paces[$n->keyOf($this->paces)];
    }

    /** @param list<string> $facts ids */
    public static function pace(Node $n, string $id, array $facts): Pace
    {
        $rows = array_map(
            static fn(Node $row): PaceRow => new PaceRow(
                $row->field('name')->text(),
                array_map(
                    static fn(Node $level): float => $level->number(),
                    $row->optional('found')?->only($facts)->fields() ?? [],
                ),
                Names::known($row->optional('still'), $facts),
                Checked::minutes($row->field('least')),
                Checked::minutes($row->field('most')),
            ),
            $n->field('rows')->items(),
        );

        return new Pace(
            $id,
            $n->field('name')->text(),
            Checked::minutes($n->field('setup')),
            [] === $rows ? throw $n->field('rows')->refuse('There is no row.', 'at least one row') : $rows,
        );
    }

    public static function run(Node $n, string $id): AbrasiveRun
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
        $run = $this->runs[$n->field('run')->keyOf($this->runs)];
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
}
