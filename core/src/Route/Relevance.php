<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Surface\AllOf;
use Hull\Surface\Effect;
use Hull\Surface\FactWithin;
use Hull\Surface\Precondition;
use Hull\Surface\Predicate;
use Hull\Surface\SurfaceState;

/**
 * Which steps can help towards a goal from a surface, and which facts tell surfaces apart on the way. Everything else
 * is left out of the search.
 */
final class Relevance
{
    /** @var array<int|string, Step> in the order given */
    public readonly array $steps;

    /** @var array<int|string, true> */
    public readonly array $facts;

    /** @var array<int|string, list<array{FactWithin, Predicate}>> what is asked of a fact, and in which question */
    private array $asked = [];

    /** @var array<int|string, true> what is to be made true */
    private array $wanted = [];

    /** @var array<int|string, true> questions asked already */
    private array $known = [];

    /** @var array<int|string, list<array{Effect, Step}>> what steps on offer do to a fact */
    private array $offered = [];

    /** @var array<int|string, list<Effect>> what steps on the way do to a fact */
    private array $changes = [];

    /** @var list<Step> */
    private array $filmWork = [];

    /** @var array<int|string, Step> */
    private array $found = [];

    /** @var list<Step> found, their needs not yet asked */
    private array $new = [];

    /**
     * @param list<Precondition> $goal
     * @param list<Step> $steps on offer
     */
    public function __construct(
        private readonly SurfaceState $from,
        array $goal,
        array $steps,
        private readonly StepRunner $runner,
    ) {
        $order = [];
        foreach ($steps as $step) {
            $order[$step->id] = $step;
            foreach ($step->does as $effect) {
                $this->offered[$effect->fact][] = [$effect, $step];
            }
            if ($step->isWait() || $step->cures || $step->strips > 0) {
                $this->filmWork[] = $step;
            }
        }
        $this->ask($goal);
        for ($i = 0; isset($this->new[$i]); ++$i) {
            $this->ask($this->runner->needs(new RouteStep('', $this->new[$i]->id)));
            $this->spoil($this->new[$i]);
        }
        $this->steps = array_intersect_key($order, $this->found);
        $this->facts = array_fill_keys(array_keys($this->asked), true);
    }

    /** @param list<Precondition> $needs */
    private function ask(array $needs): void
    {
        foreach ($needs as $need) {
            $key = $need->predicate->key();
            if (isset($this->known[$key])) {
                continue;
            }
            $this->known[$key] = true;
            $holds = $need->predicate->holds($this->from);
            if (!$holds && $need->predicate->asksFilm()) {
                $this->askFilm();
            }
            foreach ($need->predicate->facts() as $asked) {
                $this->asked[$asked->fact][] = [$asked, $need->predicate];
                if (!$holds && !$asked->holds($this->from)) {
                    $this->want($asked);
                }
                foreach ($this->changes[$asked->fact] ?? [] as $effect) {
                    $this->undone($effect, $asked, $need->predicate);
                }
            }
        }
    }

    /** What a step undoes of what is asked must be made good again. */
    private function spoil(Step $step): void
    {
        foreach ($step->does as $effect) {
            $this->changes[$effect->fact][] = $effect;
            foreach ($this->asked[$effect->fact] ?? [] as [$asked, $question]) {
                $this->undone($effect, $asked, $question);
            }
        }
        if ($step->strips > 0) {
            $this->askFilm();
        }
    }

    private function undone(Effect $effect, FactWithin $asked, Predicate $question): void
    {
        if ($asked->takes($effect->after($this->from->fact($effect->fact)))) {
            return;
        }
        foreach ($question instanceof AllOf ? [$asked] : $question->facts() as $way) {
            $this->want($way);
        }
    }

    private function askFilm(): void
    {
        foreach ($this->filmWork as $step) {
            $this->find($step);
        }
        $this->filmWork = [];
    }

    private function want(FactWithin $want): void
    {
        if (isset($this->wanted[$want->key()])) {
            return;
        }
        $this->wanted[$want->key()] = true;
        foreach ($this->offered[$want->fact] ?? [] as [$effect, $step]) {
            if ($want->isBroughtBy($effect, $this->from->fact($want->fact))) {
                $this->find($step);
            }
        }
    }

    private function find(Step $step): void
    {
        if (!isset($this->found[$step->id])) {
            $this->found[$step->id] = $step;
            $this->new[] = $step;
        }
    }
}
