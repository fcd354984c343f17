<?php

declare(strict_types=1);

namespace App\Plan;

use App\Entity\PlanRow;

/**
 * A plan as it is kept, in the body of its row: what was asked for, and, once it is worked out, enough to show it
 * without working it out again. Hours since 1970 UTC. What an older version kept may lack what came later.
 *
 * @phpstan-import-type Kept from PlannedWork as KeptWork
 * @phpstan-import-type Kept from PlanMove as KeptMove
 * @phpstan-import-type Kept from PlanWait as KeptWait
 * @phpstan-import-type Kept from PlanLate as KeptLate
 * @phpstan-import-type Kept from FoundPlan as KeptFound
 * @phpstan-import-type Start from FoundPlan
 *
 * @phpstan-type Kept array{pins?: array<int|string, float|int>, fresh?: bool, take?: list<Start>,
 *     finish?: float|int|null, bound?: float|int|null, hands_on?: float|int|null, paid?: float|int|null,
 *     late?: float|int|null, work?: list<KeptWork>, without?: list<KeptWait>, missed?: list<KeptLate>,
 *     lost?: list<KeptWait>, moves?: list<KeptMove>, again?: bool, better?: float|int|null, found?: KeptFound|null}
 */
final readonly class PlanDocument
{
    /**
     * @param array<int|string, float> $pins hour by activity before which somebody does not want it
     * @param bool $fresh asked for from scratch
     * @param list<Start> $take a plan found before, asked to be taken
     * @param ?float $bound no schedule ends before it
     * @param ?float $handsOn hours
     * @param ?float $rework hours of making good
     * @param ?float $late hours past dates
     * @param list<PlannedWork> $work
     * @param list<PlanWait> $unplaced activities
     * @param list<PlanLate> $missed
     * @param list<PlanWait> $lost blocks
     * @param list<PlanMove> $moves
     * @param bool $again made from the one before
     * @param ?float $better planned from scratch it would end then
     */
    public function __construct(
        public array $pins = [],
        public bool $fresh = false,
        public array $take = [],
        public ?float $finish = null,
        public ?float $bound = null,
        public ?float $handsOn = null,
        public ?float $rework = null,
        public ?float $late = null,
        public array $work = [],
        public array $unplaced = [],
        public array $missed = [],
        public array $lost = [],
        public array $moves = [],
        public bool $again = false,
        public ?float $better = null,
        public ?FoundPlan $found = null,
    ) {}

    public static function of(?PlanRow $row): self
    {
        /** @var Kept $kept only to() writes it */
        $kept = $row->body ?? [];

        return new self(
            pins: array_map(static fn(float|int $hour): float => $hour, $kept['pins'] ?? []),
            fresh: $kept['fresh'] ?? false,
            take: $kept['take'] ?? [],
            finish: $kept['finish'] ?? null,
            bound: $kept['bound'] ?? null,
            handsOn: $kept['hands_on'] ?? null,
            rework: $kept['paid'] ?? null,
            late: $kept['late'] ?? null,
            work: array_map(PlannedWork::from(...), $kept['work'] ?? []),
            unplaced: array_map(PlanWait::from(...), $kept['without'] ?? []),
            missed: array_map(PlanLate::from(...), $kept['missed'] ?? []),
            lost: array_map(PlanWait::from(...), $kept['lost'] ?? []),
            moves: array_map(PlanMove::from(...), $kept['moves'] ?? []),
            again: $kept['again'] ?? false,
            better: $kept['better'] ?? null,
            found: isset($kept['found']) ? FoundPlan::from($kept['found']) : null,
        );
    }

    public function to(PlanRow $row): void
    {
        $row->body = [
            'pins' => $this->pins,
            'fresh' => $this->fresh,
            'take' => $this->take,
            'finish' => $this->finish,
            'bound' => $this->bound,
            'hands_on' => $this->handsOn,
            'paid' => $this->rework,
            'late' => $this->late,
            'work' => array_map(static fn(PlannedWork $w): array => $w->kept(), $this->work),
            'without' => array_map(static fn(PlanWait $w): array => $w->kept(), $this->unplaced),
            'missed' => array_map(static fn(PlanLate $l): array => $l->kept(), $this->missed),
            'lost' => array_map(static fn(PlanWait $w): array => $w->kept(), $this->lost),
            'moves' => array_map(static fn(PlanMove $m): array => $m->kept(), $this->moves),
            'again' => $this->again,
            'better' => $this->better,
            ...null === $this->found ? [] : ['found' => $this->found->kept()],
        ];
    }

    /** Whether something of the plan before had to move by more than a slip. */
    public function isMoved(): bool
    {
        return [] !== array_filter($this->moves, static fn(PlanMove $m): bool => !$m->slip);
    }

    /** Keeps beside a plan what ends sooner. */
    public static function beside(PlanRow $row, FoundPlan $found): void
    {
        $row->body = [...$row->body, 'found' => $found->kept()];
    }
}
