<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Surface\SurfaceState;

/** A route that is being mended: what several of its findings ask about is worked out once. */
final class Mending
{
    /** @var list<Finding> */
    public readonly array $findings;

    /** @var list<SurfaceState> what each step finds, as far as somebody asked */
    private array $states;

    /** @var array<int, list<RouteStep>> by place in the route */
    private array $putIn = [];

    /** @var array<string, list<Finding>> by place and label of a mend, and the order it makes */
    private array $after = [];

    private Route|false|null $again = null;

    public function __construct(
        private readonly SurfaceState $from,
        public readonly Route $route,
        private readonly StepRunner $runner,
        private readonly RouteCheck $check,
        private readonly RoutePlanner $planner,
    ) {
        $this->findings = $check->findings($from, $route);
        $this->states = [$from];
    }

    public function state(int $at): SurfaceState
    {
        for ($n = count($this->states); $n <= $at; ++$n) {
            $this->states[] = $this->runner->apply($this->route->steps[$n - 1], $this->states[$n - 1])->state;
        }

        return $this->states[$at];
    }

    /** @return list<RouteStep> what would have to be done before the step at this place; none where nothing helps */
    public function putIn(int $at): array
    {
        return $this->putIn[$at] ??= $this->planner->before($this->state($at), $this->route->steps[$at]) ?? [];
    }

    /** The whole planned anew; null where nothing leads there. */
    public function again(): ?Route
    {
        if (null === $this->again) {
            try {
                $this->again = $this->planner->plan($this->from);
            } catch (NoRoute) {
                $this->again = false;
            }
        }

        return false === $this->again ? null : $this->again;
    }

    /** @return list<Finding> what would be found after a mend for the step at this place */
    public function after(?int $at, Mend $mend): array
    {
        $order = implode(',', array_map(static fn(RouteStep $s): string => $s->key, $mend->route->steps));

        return $this->after["$at/$mend->label/$order"] ??= $this->check->findings($this->from, $mend->route);
    }
}
