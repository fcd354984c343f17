<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Job\RouteStep;
use Hull\Surface\Precondition;
use Hull\Surface\SurfaceState;

/**
 * Cheapest preparation from a surface to one on which every given need holds: best first over surface states, led by
 * effort spent and the effort of the relaxed plan still ahead.
 */
final class PrepSearch
{
    /** How much more the estimate weighs than what was spent: more is quicker, less is nearer to the cheapest. */
    private const LEAD = 6.0;
    /** How many surfaces are looked at before a search gives up, and before all searches of a part together do. */
    private const MOST = 3000;
    private const MOST_TOGETHER = 12_000;
    /** From so many minutes on a step is dear enough for a second look, and how many steps of a path get one. */
    private const DEAR = 60.0;
    private const SECOND_LOOKS = 2;
    /** Minutes held against a step the estimate does not ask for. */
    private const DETOUR = 30.0;

    /** @var list<Step> steps of the chosen schools */
    private array $offered = [];

    /** @var list<Step> steps the material stands, whatever the schools say */
    private array $allowed = [];

    /** @var array<int|string, list<RouteStep>|false> */
    private array $found = [];

    private int $looked = 0;

    private readonly PathTrimmer $trimmer;

    private readonly Touch $touch;

    public function __construct(PartContext $context, private readonly StepRunner $runner)
    {
        $this->trimmer = new PathTrimmer($context, $runner);
        $this->touch = new Touch($runner);
        foreach ($context->catalogue()->steps as $step) {
            if ($step->laysFilm || $step->isClosing()) {
                continue;
            }
            if ($context->allows($step)) {
                $this->allowed[] = $step;
                if ($context->offers($step)) {
                    $this->offered[] = $step;
                }
            }
        }
    }

    /**
     * @param list<Precondition> $needs
     *
     * @return list<RouteStep>|null null when no preparation makes them hold
     */
    public function find(SurfaceState $from, array $needs, bool $mayStrip = false): ?array
    {
        if (Precondition::allHold($needs, $from)) {
            return [];
        }
        $key =
            $from->key() .
            '>' .
            implode(',', array_map(static fn(Precondition $n): string => $n->id, $needs)) .
            ($mayStrip ? '!' : '');
        $found = $this->found[$key] ??=
            $this->search($from, $needs, $mayStrip, $this->offered) ??
            ((count($this->allowed) > count($this->offered)
                ? $this->search($from, $needs, $mayStrip, $this->allowed)
                : null) ??
                false);

        return false === $found ? null : $found;
    }

    /**
     * @param list<Precondition> $needs
     * @param list<Step> $steps
     *
     * @return list<RouteStep>|null
     */
    private function search(SurfaceState $from, array $needs, bool $mayStrip, array $steps): ?array
    {
        if ($mayStrip && [] === $from->films) {
            return null;
        }
        $single = $this->single($from, $needs, $steps);
        if (null !== $single) {
            return [$single];
        }
        $steps = PointOfNoReturn::before(
            $from,
            $needs,
            array_values(array_filter($steps, static fn(Step $s): bool => $mayStrip || 0 === $s->strips)),
        );
        $relevance = new Relevance($from, $needs, $steps, $this->runner);
        $path = $this->onTheWay($from, $needs, $relevance);

        if (null === $path) {
            return null;
        }
        $least = $this->withoutTheDearest($path, $from, $needs, $relevance);
        $quickest = $this->trimmer->quicker($least, $from, $needs, $steps);

        return $this->trimmer->beforeCure($quickest, $from, $needs, $steps);
    }

    /**
     * @param list<Precondition> $needs
     * @param string|null $without a step that is left out
     *
     * @return list<RouteStep>|null
     */
    private function onTheWay(SurfaceState $from, array $needs, Relevance $relevance, ?string $without = null): ?array
    {
        $usable = array_values(array_diff_key($relevance->steps, [$without ?? '' => true]));
        $relaxed = new RelaxedPlan($from, $needs, $usable, $this->runner);

        return $this->bestFirst($from, $needs, $usable, $relevance, $relaxed);
    }

    /**
     * The search is quick, not thorough, and now and then takes one dear step where several cheap ones would do: the
     * dearest of a path are each tried without.
     *
     * @param list<RouteStep> $path
     * @param list<Precondition> $needs
     *
     * @return list<RouteStep>
     */
    private function withoutTheDearest(array $path, SurfaceState $from, array $needs, Relevance $relevance): array
    {
        $dear = array_filter($path, fn(RouteStep $s): bool => $this->trimmer->effort($s) > self::DEAR);
        usort($dear, fn(RouteStep $a, RouteStep $b): int => $this->trimmer->effort($b) <=> $this->trimmer->effort($a));
        foreach (array_slice($dear, 0, self::SECOND_LOOKS) as $one) {
            $other = $this->onTheWay($from, $needs, $relevance, $one->step);
            if (null !== $other && $this->trimmer->sum($other) < $this->trimmer->sum($path)) {
                $path = $other;
            }
        }

        return $path;
    }

    /**
     * The cheapest step that does it alone, as a wait between two coats does.
     *
     * @param list<Precondition> $needs
     * @param list<Step> $steps
     */
    private function single(SurfaceState $from, array $needs, array $steps): ?RouteStep
    {
        $best = null;
        $least = \INF;
        $broken = array_values(array_filter($needs, static fn(Precondition $n): bool => !$n->predicate->holds($from)));
        foreach ($steps as $step) {
            $move = new RouteStep('', $step->id);
            if (
                $step->strips > 0 ||
                !$this->touch->touches($step, $broken) ||
                !$this->runner->isPossible($move, $from)
            ) {
                continue;
            }
            $applied = $this->runner->apply($move, $from);
            $effort =
                null === $applied->waitHours
                    ? \INF
                    : $this->runner->work->effort($step, $applied->handsOnMin, $applied->waitHours, $from);
            if ($effort < $least && Precondition::allHold($needs, $applied->state)) {
                [$best, $least] = [$move, $effort];
            }
        }

        return $best;
    }

    /**
     * @param list<Precondition> $needs
     * @param list<Step> $usable
     *
     * @return list<RouteStep>|null
     */
    private function bestFirst(
        SurfaceState $from,
        array $needs,
        array $usable,
        Relevance $relevance,
        RelaxedPlan $relaxed,
    ): ?array {
        $moves = array_map(static fn(Step $s): array => [$s, new RouteStep('', $s->id)], $usable);
        $queue = new \SplPriorityQueue();
        $sequence = 0;
        $queue->insert([$from, 0.0, null, null, [], null], [0.0, 0]);
        $closed = [];
        while (!$queue->isEmpty() && count($closed) < self::MOST && $this->looked < self::MOST_TOGETHER) {
            /**
             * @var array{
             *     SurfaceState,
             *     float,
             *     array<mixed>|null,
             *     Step|null,
             *     array<int|string, true>,
             *     array{float, array<int|string, float>}|null,
             * } $entry
             */
            $entry = $queue->extract();
            [$state, $cost, $trail, $last, $before, $ahead] = $entry;
            $detour = null !== $ahead;
            if (!$detour) {
                $key = $state->key($relevance->facts);
                if (isset($closed[$key])) {
                    continue;
                }
                $closed[$key] = true;
                ++$this->looked;
                if (Precondition::allHold($needs, $state)) {
                    return $this->trimmer->pruned(self::unwind($trail), $from, $needs);
                }
                $ahead = $relaxed->from($state);
                if (null === $ahead) {
                    continue;
                }
                // What the estimate does not ask for is tried later, if at all.
                $queue->insert(
                    [$state, $cost, $trail, $last, $before, $ahead],
                    [-$cost - self::LEAD * ($ahead[0] + self::DETOUR), -++$sequence],
                );
            }
            [$left, $worth] = $ahead;
            $possible = [];
            foreach ($moves as [$step, $move]) {
                if (isset($worth[$step->id]) !== $detour && $this->runner->isPossible($move, $state)) {
                    $possible[$step->id] = true;
                }
            }
            foreach ($moves as [$step, $move]) {
                if (
                    !isset($possible[$step->id]) ||
                    (null !== $last &&
                        $step->order < $last->order &&
                        isset($before[$step->id]) &&
                        $this->touch->areApart($step, $last))
                ) {
                    continue;
                }
                $applied = $this->runner->apply($move, $state);
                if (null === $applied->waitHours || isset($closed[$applied->state->key($relevance->facts)])) {
                    continue;
                }
                $spent = $cost + $this->runner->work->effort($step, $applied->handsOnMin, $applied->waitHours, $state);
                $queue->insert(
                    [$applied->state, $spent, [$trail, $move], $step, $possible, null],
                    [
                        -$spent -
                        self::LEAD * ($detour ? $left + self::DETOUR : max(0.0, $left - ($worth[$step->id] ?? 0.0))),
                        -++$sequence,
                    ],
                );
            }
        }

        return null;
    }

    /** @return list<RouteStep> */
    private static function unwind(mixed $trail): array
    {
        $steps = [];
        while (is_array($trail) && ($trail[1] ?? null) instanceof RouteStep) {
            $steps[] = clone $trail[1];
            $trail = $trail[0] ?? null;
        }

        return array_reverse($steps);
    }
}
