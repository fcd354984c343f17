<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Catalog\Catalogue;
use Hull\Job\Part;
use Hull\Job\Route;

/** A part that the record leaves on its carrier although that was worked already: law 15 of the work, broken. */
final readonly class StillOn
{
    /**
     * @param string $part key of the part that should have come off first
     * @param string $carrier key of what it is on
     * @param string $step id of the step that was done there first
     * @param string $off key of the step that takes it off
     */
    private function __construct(
        public string $part,
        public string $carrier,
        public string $step,
        public string $off,
    ) {}

    /**
     * @param array<int|string, Part> $parts of one job
     * @param array<int|string, Route> $routes whole, under the same keys
     * @param array<int|string, array<int|string, float>> $finished key of the part => key of the step => hour
     *
     * @return list<self>
     */
    public static function all(Catalogue $catalogue, array $parts, array $routes, array $finished): array
    {
        $there = array_intersect_key($parts, $routes);
        $keys = [];
        foreach ($there as $key => $part) {
            $keys[$part->id] = (string) $key;
        }
        $pieces = new Pieces($there);
        $found = [];
        foreach ($pieces->mounts() as [$part, , $host]) {
            $key = $keys[$part->id];
            $lane = new Lane($part, $routes[$key], $catalogue);
            $off = $lane->takenOff();
            if (null === $off || isset($finished[$key][$lane->key($off)])) {
                continue;
            }
            foreach ($pieces->withZones($host) as $zone) {
                $on = $keys[$zone->id];
                $step = $zone->id === $part->id ? null : self::worked($catalogue, $routes[$on], $finished[$on] ?? []);
                if (null !== $step) {
                    $found[] = new self($key, $on, $step, $lane->key($off));
                }
            }
        }

        return $found;
    }

    /** @param array<int|string, float> $finished */
    private static function worked(Catalogue $catalogue, Route $route, array $finished): ?string
    {
        foreach ($route->steps as $step) {
            if (isset($finished[$step->key]) && $catalogue->step($step->step)->worked->alone) {
                return $step->step;
            }
        }

        return null;
    }
}
