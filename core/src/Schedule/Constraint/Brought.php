<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Interlock;
use Hull\Job\RouteStep;
use Hull\Route\Chemistry;

/** What work brings into its place that must not meet other things there, and what it takes out of it: a rinse. */
final readonly class Brought
{
    /**
     * @param array<int|string, Interlock> $first interlocks of whose first side it brings something
     * @param array<int|string, Interlock> $second of whose second side
     * @param array<int|string, Interlock> $parts that it puts an end to
     */
    public function __construct(public array $first, public array $second, public array $parts = []) {}

    /** Null where it has nothing to do with any. */
    public static function by(Catalogue $catalogue, RouteStep $step): ?self
    {
        $first = $second = $parts = [];
        $brought = Chemistry::of($catalogue, $step);
        foreach ($catalogue->interlocks as $lock) {
            $first += [] === array_intersect($lock->first, $brought) ? [] : [$lock->id => $lock];
            $second += [] === array_intersect($lock->second, $brought) ? [] : [$lock->id => $lock];
            $parts += in_array($step->step, $lock->parting, true) ? [$lock->id => $lock] : [];
        }

        return [] === $first && [] === $second && [] === $parts ? null : new self($first, $second, $parts);
    }

    /** It brings something itself. */
    public function brings(): bool
    {
        return [] !== $this->first || [] !== $this->second;
    }
}
