<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Work;

/** 14: what is taken off takes the time of all that it covers, whatever the step was begun for. */
final readonly class ExtentCounts implements Law
{
    /** Least minutes a square metre by a quick hand, and what comes off with it. */
    private const RUBS = [
        'scrape' => [3.0, ['old-coating:flaking', 'rust:scale']],
        'alkaline-degrease' => [2.0, ['oil', 'smoke']],
        'wet-sand-800' => [5.0, ['chalked']],
        'wet-sand-1000' => [4.0, ['chalked']],
        'wet-sand-1500' => [3.0, ['chalked']],
        'wet-sand-weave' => [8.0, ['scratches', 'chalked']],
        'sand-paint' => [3.0, ['scratches']],
        'plastic-sand' => [20.0, ['scratches', 'chalked']],
        'regelcoat' => [20.0, ['worn']],
    ];

    public function breaches(Work $work): array
    {
        if (null === $work->m2 || $work->isInSpots) {
            return [];
        }
        $breaches = [];
        foreach (self::RUBS as $step => [$least, $off]) {
            $found = array_filter($off, static fn(string $condition): bool => $work->has($condition));
            $shares = array_map(
                static fn(string $condition): float => $work->spread[explode(':', $condition)[0]] ?? 1.0,
                $found,
            );
            $minutes = $least * $work->m2 * max([0.0, ...$shares]);
            foreach ($work->where([$step]) as $at) {
                if (null !== $work->steps[$at]->minutes && $work->steps[$at]->minutes < $minutes) {
                    $breaches[] = new Breach(
                        14,
                        $at,
                        sprintf(
                            '%s in %.1f minutes, %.1f at the quickest',
                            $step,
                            $work->steps[$at]->minutes,
                            $minutes,
                        ),
                    );
                }
            }
        }

        return $breaches;
    }
}
