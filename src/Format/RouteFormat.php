<?php

declare(strict_types=1);

namespace App\Format;

use Hull\Bench\Workpiece;
use Hull\Job\Route;
use Hull\Route\Finding;
use Hull\Route\Mend;

/** The JSON form of routes and findings, for scripts. */
final class RouteFormat
{
    /** @return list<array<int|string, string|null>> */
    public static function route(Workpiece $piece, Route $route): array
    {
        $check = $piece->check();
        $steps = [];
        foreach ($route->steps as $step) {
            $steps[] = [
                'step' => $step->step,
                'product' => $step->product,
                'name' => $check->name($step),
                'why' => $piece->context->catalogue()->step($step->step)->why,
            ];
        }

        return $steps;
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<array<int|string, mixed>>
     */
    public static function findings(array $findings): array
    {
        return array_map(
            static fn(Finding $f): array => [
                'step' => $f->stepName,
                'key' => $f->stepKey,
                'need' => $f->needId,
                'says' => (string) $f->says,
                'consequence' => (string) $f->consequence,
                'source' => (string) $f->source,
                'severity' => $f->severity->value,
                'mends' => array_map(static fn(Mend $m): string => (string) $m->label, $f->mends),
            ],
            $findings,
        );
    }
}
