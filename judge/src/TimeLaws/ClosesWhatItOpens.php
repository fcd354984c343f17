<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\TimeLaw;
use Judge\Timetable;

/** 26: nothing is stripped, masked, wiped, mixed or polished for a coat, oil or wax that has no hour. */
final readonly class ClosesWhatItOpens implements TimeLaw
{
    private const LAW = 26;

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        $covers = [Steps::COAT, ...Steps::OILS];
        // What a scraper takes off was loose and protected nothing.
        $opens = [...array_diff(Steps::STRIPS, ['scrape']), 'mask', 'mask-line', ...Steps::WIPES, ...Steps::MIXES];
        foreach ($timetable->undone as $part => $undone) {
            $open = null;
            foreach ($timetable->stints[$part] ?? [] as $stint) {
                $open = match (true) {
                    $stint->isOneOf($covers) => null,
                    $stint->isOneOf($opens) => $stint,
                    default => $open,
                };
            }
            $last = array_slice($timetable->stints[$part] ?? [], -1)[0] ?? null;
            if (true === $last?->isOneOf(['isolate', 'look-inside', 'metal-polish'])) {
                $breaches[] = new Breach(self::LAW, null, $last->words() . ' and what it is done for has no hour');
            }
            if (null !== $open && [] !== array_intersect($covers, $undone)) {
                $breaches[] = new Breach(self::LAW, null, $open->words() . ' and what covers it has no hour');
            }
        }

        return $breaches;
    }
}
