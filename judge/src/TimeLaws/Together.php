<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\TimeLaw;
use Judge\Timetable;

/** 27: what takes two has two, for the whole of it; and nobody is in two places. */
final readonly class Together implements TimeLaw
{
    private const LAW = 27;
    private const HEAVY = [
        'dismantle',
        'lift-off',
        'set-down',
        'take-apart',
        'refit',
        'reassemble',
        'bath-citric',
        'bath-chelate',
        'oven-cure',
    ];

    /** A firm comes and does it. */
    private const FIRMS = ['asbestos-removal'];

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        $busy = [];
        foreach ($timetable->all() as $stint) {
            $wanted = match (true) {
                $stint->isOneOf(self::FIRMS) => 0,
                in_array($stint->part, $timetable->heavy, true) && $stint->isOneOf(self::HEAVY) => 2,
                default => 1,
            };
            if (count(array_unique($stint->who)) < $wanted) {
                $breaches[] = new Breach(self::LAW, null, $stint->words() . ' by too few');
            }
            foreach ($stint->to > $stint->from ? $stint->who : [] as $name) {
                $busy[$name][] = $stint;
            }
        }
        foreach ($busy as $name => $stints) {
            usort($stints, static fn($a, $b): int => $a->from <=> $b->from);
            foreach ($stints as $at => $stint) {
                $next = $stints[$at + 1] ?? null;
                if (null !== $next && $next->from < $stint->to - 1e-6) {
                    $breaches[] = new Breach(
                        self::LAW,
                        null,
                        sprintf('%s is at %s and at %s', $name, $stint->words(), $next->words()),
                    );
                }
            }
        }

        return $breaches;
    }
}
