<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Surface\Effect;
use Hull\Surface\FactWithin;
use Hull\Surface\Precondition;
use Hull\Surface\Predicate;
use Hull\Surface\SurfaceState;

/**
 * The needs of a goal and of the steps on the way to it, each once and by number, without those that nothing on the
 * way can break.
 */
final class NeedTable
{
    /** @var list<FactWithin> what is asked of facts, by number */
    public array $atoms = [];

    /** @var array<int|string, list<int>> fact => what is asked of it */
    public array $ofFact = [];

    /** @var list<RelaxedCondition> needs by number */
    public array $asked = [];

    /** @var array<int, list<int>> asked of a fact => needs it is part of */
    public array $needsOf = [];

    /** @var array<int|string, int> */
    private array $atomNumbers = [];

    /** @var array<int|string, int|null> question => number; null when it holds throughout */
    private array $numbers = [];

    /** @var array<int|string, list<Effect>> */
    private array $effects = [];

    /** @param list<Step> $steps on the way */
    public function __construct(private readonly SurfaceState $from, array $steps)
    {
        foreach ($steps as $step) {
            foreach ($step->does as $effect) {
                $this->effects[$effect->fact][] = $effect;
            }
        }
    }

    /**
     * @param list<Precondition> $needs
     *
     * @return list<int>
     */
    public function numbers(array $needs): array
    {
        $numbers = [];
        foreach ($needs as $need) {
            $id = $need->predicate->key();
            if (!array_key_exists($id, $this->numbers)) {
                $this->numbers[$id] = $this->holdsThroughout($need->predicate) ? null : $this->add($need->predicate);
            }
            if (null !== $this->numbers[$id]) {
                $numbers[] = $this->numbers[$id];
            }
        }

        return $numbers;
    }

    private function add(Predicate $predicate): int
    {
        $number = count($this->asked);
        $this->asked[] = RelaxedCondition::of($predicate, fn(FactWithin $within): int => $this->atom($within, $number));

        return $number;
    }

    private function atom(FactWithin $within, int $need): int
    {
        $key = $within->key();
        if (!isset($this->atomNumbers[$key])) {
            $this->atomNumbers[$key] = count($this->atoms);
            $this->ofFact[$within->fact][] = count($this->atoms);
            $this->atoms[] = $within;
        }
        $this->needsOf[$this->atomNumbers[$key]][] = $need;

        return $this->atomNumbers[$key];
    }

    private function holdsThroughout(Predicate $predicate): bool
    {
        if (!$predicate->holds($this->from) || ([] !== $this->from->films && $predicate->asksFilm())) {
            return false;
        }
        foreach ($predicate->facts() as $within) {
            foreach ($this->effects[$within->fact] ?? [] as $effect) {
                if (!$within->isBroughtBy($effect)) {
                    return false;
                }
            }
        }

        return true;
    }
}
