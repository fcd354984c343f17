<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Job\Route;
use Hull\Surface\SurfaceState;

/** Finds out why each step is there by leaving it out and looking at what breaks. */
final readonly class Reasons
{
    private RouteCheck $check;

    public function __construct(PartContext $context)
    {
        $this->check = new RouteCheck($context);
    }

    /** @return array<int|string, Reason> by step key */
    public function of(SurfaceState $from, Route $route): array
    {
        $before = $this->check->findings($from, $route);
        $reasons = [];
        foreach ($route->steps as $index => $step) {
            $ifLeftOut = array_filter(
                $this->check->findings($from, $route->less($index)),
                static fn(Finding $f): bool => [] === array_filter($before, static fn(Finding $b): bool => $b->is($f)),
            );
            $reasons[$step->key] = new Reason($step->key, array_values($ifLeftOut));
        }

        return $reasons;
    }
}
