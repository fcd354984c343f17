<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Surface\Effect;
use Hull\Surface\FactWithin;
use Hull\Surface\Precondition;

/** What steps read and change of a surface: whether one can help at all, and whether two mind each other. */
final class Touch
{
    /** @var array<int|string, bool> */
    private array $apart = [];

    public function __construct(private readonly StepRunner $runner) {}

    /**
     * Whether a step changes something that each of the needs asks about.
     *
     * @param list<Precondition> $needs
     */
    public function touches(Step $step, array $needs): bool
    {
        if ($step->isWait() || $step->cures) {
            return true;
        }
        $changed = $this->changed($step);
        foreach ($needs as $need) {
            if (
                [] ===
                array_filter(
                    $need->predicate->facts(),
                    static fn(FactWithin $f): bool => in_array($f->fact, $changed, true),
                )
            ) {
                return false;
            }
        }

        return true;
    }

    /** Two steps that neither read nor change what the other changes: their order makes no difference. */
    public function areApart(Step $one, Step $other): bool
    {
        return $this->apart[$one->id . '/' . $other->id] ??=
            !$one->isWait() &&
            !$other->isWait() &&
            0 === $one->strips + $other->strips &&
            !$one->cures &&
            !$other->cures &&
            [] === array_intersect($this->changed($one), [...$this->changed($other), ...$this->asked($other)]) &&
            [] === array_intersect($this->changed($other), $this->asked($one));
    }

    /** @return list<string> */
    private function changed(Step $step): array
    {
        return array_map(static fn(Effect $e): string => $e->fact, $step->does);
    }

    /** @return list<string> */
    private function asked(Step $step): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn(Precondition $n): array => array_map(
                    static fn(FactWithin $f): string => $f->fact,
                    $n->predicate->facts(),
                ),
                $this->runner->needs(new RouteStep('', $step->id)),
            ),
        );
    }
}
