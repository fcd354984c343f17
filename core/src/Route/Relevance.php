<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Need;
use Hull\Catalog\Step;
use Hull\Surface\SurfaceState;

/**
 * Which steps can help towards a goal from a surface, and which facts tell surfaces apart on the way. Everything else
 * is left out of the search.
 */
final class Relevance
{
    /** @var array<string, Step> */
    public array $steps = [];

    /** @var array<string, true> */
    public array $facts = [];

    /** @var array<string, array<int, array{FactWithin, Predicate}>> what is asked of a fact, and in which question */
    private array $asked = [];

    /** @var array<string, array<string, FactWithin>> what is to be made true, by fact */
    private array $wanted = [];

    private bool $film = false;

    /** @var array<string, true> needs asked already */
    private array $known = [];

    /**
     * @param list<Need> $goal
     * @param list<Step> $steps on offer
     */
    public function __construct(private readonly SurfaceState $from, array $goal, array $steps, private readonly StepRunner $runner)
    {
        $this->ask($goal);
        do {
            $before = count($this->steps) + count($this->wanted, \COUNT_RECURSIVE);
            foreach ($steps as $step) {
                if (!isset($this->steps[$step->id]) && $this->helps($step)) {
                    $this->steps[$step->id] = $step;
                    $this->ask($this->runner->needs(new RouteStep('', $step->id)));
                    $this->spoil($step);
                }
            }
            foreach ($this->steps as $step) {
                $this->spoil($step);
            }
        } while ($before < count($this->steps) + count($this->wanted, \COUNT_RECURSIVE));
        $this->facts = array_fill_keys(array_keys($this->asked), true);
    }

    /** A step that could bring a fact to where it is wanted. */
    public static function establishes(Step $step, FactWithin $want, float $level): bool
    {
        foreach ($step->does as $effect) {
            if ($effect->fact !== $want->fact) {
                continue;
            }
            if ('lower' === $effect->verb ? $want->takes(0.0) : $want->takes($effect->level)) {
                return true;
            }
            if ('lower' === $effect->verb && $level > 0.0 && $want->takes(max(0.0, $level - $effect->level))) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Need> $needs */
    private function ask(array $needs): void
    {
        foreach ($needs as $need) {
            if (isset($this->known[$need->id])) {
                continue;
            }
            $this->known[$need->id] = true;
            $holds = $need->predicate->holds($this->from);
            $this->film = $this->film || (!$holds && $need->predicate->asksFilm());
            foreach ($need->predicate->facts() as $asked) {
                $this->asked[$asked->fact][spl_object_id($asked)] = [$asked, $need->predicate];
                if (!$holds && !$asked->holds($this->from)) {
                    $this->want($asked);
                }
            }
        }
    }

    /** What a step undoes of what is asked must be made good again. */
    private function spoil(Step $step): void
    {
        foreach ($step->does as $effect) {
            foreach ($this->asked[$effect->fact] ?? [] as [$asked, $question]) {
                if ($asked->takes($effect->after($this->from->fact($effect->fact)))) {
                    continue;
                }
                foreach ($question instanceof AllOf ? [$asked] : $question->facts() as $way) {
                    $this->want($way);
                }
            }
        }
        if ($step->strips > 0) {
            $this->film = true;
        }
    }

    private function want(FactWithin $asked): void
    {
        $this->wanted[$asked->fact][$asked->key()] = $asked;
    }

    private function helps(Step $step): bool
    {
        if ($this->film && ($step->isWait() || $step->cures || $step->strips > 0)) {
            return true;
        }
        foreach ($step->does as $effect) {
            foreach ($this->wanted[$effect->fact] ?? [] as $want) {
                if (self::establishes($step, $want, $this->from->fact($effect->fact))) {
                    return true;
                }
            }
        }

        return false;
    }
}
