<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Effort\Pace;

/** What a step costs: hands-on minutes, hours that pass by themselves, materials, and what can go wrong. */
final readonly class StepCost
{
    /**
     * @param list<string> $scalesWith facts: the minutes count for the widest found of those and of what else it takes
     *                                 off; empty for all the part
     * @param Pace|null $pace by what comes off, in place of minutes a square metre
     * @param string|null $waitFor drying, touch, recoat, full, or dwell (chemistry: hours at 20 C, doubled per 10 C
     *                             colder)
     * @param float $penalty risk, in minutes one would give to avoid it
     * @param float $money minor units of money for what the bench uses up, at once
     * @param float $fee minor units of money that go to others: a licensed firm, a laboratory, a bought part
     * @param float $moneyPerM2 minor units per m2
     */
    public function __construct(
        public float $setupMin,
        public float $minPerM2,
        public ?Pace $pace,
        public array $scalesWith,
        public float $waitHours,
        public ?string $waitFor,
        public float $penalty,
        public float $money,
        public float $moneyPerM2,
        public float $fee,
    ) {}
}
