<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Surface\SurfaceState;

/** Finds for each finding the changes that remove it, and offers only those that were seen to. */
final readonly class Mender
{
    private const MOST = 3;
    private const GENTLE = 0;
    private const TAKES_OUT = 1;
    private const PLANS_AGAIN = 2;
    private const LOSES_A_COAT = 3;
    /** So many steps before the one in the way it is tried as well. */
    private const EARLIER = 3;
    /** So many steps before it are tried after it, and so many places there. */
    private const JUST_BEFORE = 2;
    private const SOON_AFTER = 2;

    private StepRunner $runner;
    private RouteCheck $check;
    private RoutePlanner $planner;

    public function __construct(private PartContext $context)
    {
        $this->runner = new StepRunner($context);
        $this->check = new RouteCheck($context);
        $this->planner = new RoutePlanner($context);
    }

    /** @return list<Finding> the findings of a route, each with its mends */
    public function findings(SurfaceState $from, Route $route): array
    {
        $mending = new Mending($from, $route, $this->runner, $this->check, $this->planner);

        return array_map(
            fn(Finding $finding): Finding => $finding->isInTheWay() && !$finding->mayBeTaken
                ? $finding->with($this->mends($mending, $finding))
                : $finding,
            $mending->findings,
        );
    }

    /**
     * What is only moved elsewhere is not mended: fewer places must break the need than before, and this one not.
     *
     * @return list<Mend> gentlest kind first, and of one kind those that leave the fewest needs broken
     */
    private function mends(Mending $mending, Finding $finding): array
    {
        $found = [];
        $at = null;
        foreach ($mending->route->steps as $index => $step) {
            $at = $step->key === $finding->stepKey ? $index : $at;
        }
        $before = self::alike($mending->findings, $finding);
        foreach ($this->candidates($mending, $finding, $at) as $kind => $mend) {
            $all = $mending->after($at, $mend);
            $left = array_filter($all, static fn(Finding $f): bool => $f->isInTheWay() && !$f->mayBeTaken);
            $stays = array_filter($all, static fn(Finding $f): bool => $f->is($finding));
            if ([] === $stays && self::alike($all, $finding) < $before) {
                $found[] = [$kind, count($left), count($found), $mend];
            }
        }
        usort($found, static fn(array $a, array $b): int => [$a[0], $a[1], $a[2]] <=> [$b[0], $b[1], $b[2]]);

        return array_slice(array_map(static fn(array $f): Mend => $f[3], $found), 0, self::MOST);
    }

    /** @param list<Finding> $all */
    private static function alike(array $all, Finding $finding): int
    {
        return count(array_filter($all, static fn(Finding $f): bool => $f->needId === $finding->needId));
    }

    /**
     * @param int|null $at place of the step that was found wanting; null for the end of the route
     *
     * @return iterable<int, Mend> by how much they change: 0 a step moved or put in, 1 taken out, 2 all planned again,
     *                             3 a coat taken out
     */
    private function candidates(Mending $mending, Finding $finding, ?int $at): iterable
    {
        $route = $mending->route;
        if (null !== $at) {
            foreach ($route->steps as $later => $step) {
                // A little earlier, too: masking goes before the wipe, not between the wipe and the coat.
                for ($to = $at; $later > $at && $to >= max(0, $at - self::EARLIER); --$to) {
                    if ($this->helps($step, $mending->state($to), $finding)) {
                        yield self::GENTLE => new Mend(
                            Message::of(
                                'Move "{step}" before {before}',
                                step: $this->check->name($step),
                                before: $to === $at
                                    ? Message::of('this step')
                                    : Message::of('"{step}"', step: $this->check->name($route->steps[$to])),
                            ),
                            $route->moved($later, $to),
                        );
                    }
                }
            }
            yield from $this->later($route, $at);
            $insert = $this->isUndoneByAnything($finding) ? [] : $mending->putIn($at);
            if ([] !== $insert) {
                $names = Message::row(
                    array_map(fn(RouteStep $s): string => '"' . $this->check->name($s) . '"', $insert),
                    ', then ',
                );
                yield self::GENTLE => new Mend(
                    Message::of('Put in {steps}', steps: $names),
                    $route->inserted($at, array_map(static fn(RouteStep $s): RouteStep => $s->withKey(''), $insert)),
                );
            }
            $lays = $this->context->catalogue()->step($route->steps[$at]->step)->laysFilm;
            yield $lays ? self::LOSES_A_COAT : self::TAKES_OUT => new Mend('Take this step out', $route->less($at));
        }
        $again = $mending->again();
        if (null !== $again) {
            yield self::PLANS_AGAIN => new Mend('Plan the whole route again', $again);
        }
    }

    /**
     * What was done too early goes after this step: mixing after sanding, wax after colour.
     *
     * @return iterable<int, Mend>
     */
    private function later(Route $route, int $at): iterable
    {
        for ($early = $at - 1; $early >= max(0, $at - self::JUST_BEFORE); --$early) {
            for ($to = $at; $to <= min(count($route->steps) - 1, $at + self::SOON_AFTER); ++$to) {
                yield self::GENTLE => new Mend(
                    Message::of(
                        'Move "{step}" after "{after}"',
                        step: $this->check->name($route->steps[$early]),
                        after: $this->check->name($route->steps[$to]),
                    ),
                    $route->moved($early, $to),
                );
            }
        }
    }

    /** What any step at all would undo is mended by order, not by one more step: a mix is used, not photographed. */
    private function isUndoneByAnything(Finding $finding): bool
    {
        $need = $this->context->catalogue()->rule($finding->needId)?->need->predicate;
        if (null === $need || [] === $need->facts()) {
            return false;
        }
        foreach ($need->facts() as $fact) {
            if ([] === $this->context->catalogue()->facts[$fact->fact]->lostUnless) {
                return false;
            }
        }

        return $need->holds(SurfaceState::of($this->context->substrate()->id, []));
    }

    private function helps(RouteStep $step, SurfaceState $state, Finding $finding): bool
    {
        if ($this->context->catalogue()->coat === $step->step || [] !== $this->runner->broken($step, $state)) {
            return false;
        }
        $after = $this->runner->apply($step, $state)->state;
        $rule = $this->context->catalogue()->rule($finding->needId);

        return null === $rule || ($rule->need->predicate->holds($after) && !$rule->need->predicate->holds($state));
    }
}
