<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\PartRow;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Job\Route;
use Hull\Job\RouteStep;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Hull\Route\RoutePlanner;
use Hull\Route\Severity;
use Psr\Clock\ClockInterface;

/** Puts into a route what the surface needs after what the record says of it. */
final readonly class Replanning
{
    public function __construct(
        private RowMapper $stored,
        private RouteBook $routes,
        private YardAir $air,
        private ClockInterface $clock,
    ) {}

    /**
     * @param bool $isRelieved something was found better than it was held to be: what was put in for it goes
     *
     * @return list<RouteStep> steps the route gained
     */
    public function adapt(PartRow $row, bool $isRelieved = false): array
    {
        $piece = $this->stored->workpiece($row);
        $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
        $remaining = self::ahead($piece->route(), $replayed);
        $planned = array_values(array_filter($remaining, static fn(RouteStep $s): bool => '' === $s->because));
        // What of it is wanted all the same is put in again below.
        $remaining = $isRelieved && [] !== $planned ? $planned : $remaining;
        $broken = self::broken($piece, $replayed, $remaining);
        $done = array_values(
            array_filter($piece->route()->steps, static fn(RouteStep $s): bool => isset($replayed->finished[$s->key])),
        );
        if ([] === $broken) {
            if (count($done) + count($remaining) < count($piece->route()->steps)) {
                $this->routes->add(
                    $row,
                    Route::of([...$done, ...$remaining]),
                    'steps put in earlier are no longer needed',
                );
            }

            return [];
        }
        $because = sprintf('%s: %s', $broken[0]->stepName, lcfirst((string) $broken[0]->consequence));
        $planner = new RoutePlanner($piece->context);
        try {
            $mended = $planner->mend($replayed->state, $remaining, $because);
        } catch (NoRoute) {
            try {
                $mended = Route::of(
                    array_map(
                        static fn(RouteStep $s): RouteStep => $s->withKey('')->because($because),
                        $planner->plan($replayed->state)->steps,
                    ),
                );
            } catch (NoRoute) {
                return [];
            }
        }
        $known = array_map(static fn(RouteStep $s): string => $s->key, $remaining);
        $gained = array_values(
            array_filter($mended->steps, static fn(RouteStep $s): bool => !in_array($s->key, $known, true)),
        );
        if ([] !== $gained) {
            $this->routes->add($row, Route::of([...$done, ...$mended->steps]), mb_substr($because, 0, 500));
        }

        return $gained;
    }

    /**
     * @param list<RouteStep> $steps
     *
     * @return list<Finding>
     */
    private static function broken(Workpiece $piece, Replayed $replayed, array $steps): array
    {
        return array_values(
            array_filter(
                $piece->check()->findings($replayed->state, Route::of($steps)),
                static fn(Finding $f): bool => Severity::Broken === $f->severity,
            ),
        );
    }

    /**
     * The steps not finished, less those the engine once put in and the work has since gone past.
     *
     * @return list<RouteStep>
     */
    private static function ahead(Route $route, Replayed $replayed): array
    {
        $last = -1;
        foreach ($route->steps as $index => $step) {
            $last = isset($replayed->finished[$step->key]) ? $index : $last;
        }
        $ahead = [];
        foreach ($route->steps as $index => $step) {
            if (!isset($replayed->finished[$step->key]) && ($index > $last || '' === $step->because)) {
                $ahead[] = $step;
            }
        }

        return $ahead;
    }
}
