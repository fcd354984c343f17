<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\TimeLaw;
use Judge\Timetable;

/**
 * 26: nothing is stripped, masked, wiped, mixed or polished for a coat, oil or wax that has no hour, and no skin cut
 * open that is not closed again.
 */
final readonly class ClosesWhatItOpens implements TimeLaw
{
    private const LAW = 26;
    /** What closes a skin over its core again. */
    private const SKINS = [
        'laminate-epoxy',
        'laminate-polyester',
        'laminate-vinylester',
        'laminate-out',
        'weave-out',
        'weave-patch',
        'licensed-repair',
    ];

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        $covers = [Steps::COAT, ...Steps::OILS];
        // What a scraper takes off was loose and protected nothing.
        $opens = [...array_diff(Steps::STRIPS, ['scrape']), 'mask', 'mask-line', ...Steps::WIPES, ...Steps::MIXES];
        foreach ($timetable->undone as $part => $undone) {
            $core = null;
            foreach ($timetable->stints[$part] ?? [] as $stint) {
                $core = $stint->isOneOf(self::SKINS) ? null : ($stint->isOneOf(['open-core']) ? $stint : $core);
            }
            if (null !== $core && [] !== array_intersect(self::SKINS, $undone)) {
                $breaches[] = new Breach(self::LAW, null, $core->words() . ' and what closes the skin has no hour');
            }
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
