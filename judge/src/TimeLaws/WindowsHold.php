<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Sheets;
use Judge\Steps;
use Judge\TimeLaw;
use Judge\Timetable;

/**
 * 23: a coat over a coat comes when the one below takes it and before it no longer does, by the air there was: heat
 * closes a window sooner. Ten per cent are left for what is reckoned in other steps.
 */
final readonly class WindowsHold implements TimeLaw
{
    private const LAW = 23;

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $coat) {
            $below = Steps::COAT === $coat->step ? $timetable->before($coat, [Steps::COAT]) : null;
            $rubbed = $timetable->before($coat, [...Steps::RUBS, ...Steps::STRIPS, 'oven-cure', 'spot-prime']);
            $lies = $below?->product;
            if (null === $below || null === $lies || (null !== $rubbed && $rubbed->from > $below->from)) {
                continue;
            }
            $sky = $timetable->sky($coat);
            $first = $sky->cured($lies, Sheets::TAKES, $below->from, $coat->from) ?? 1.0;
            $last = $sky->cured($lies, Sheets::TAKES, $below->to, $coat->to) ?? 1.0;
            if (min($first, $last) < 0.9) {
                $breaches[] = new Breach(self::LAW, null, $coat->words() . ': the film below does not take it yet');
            }
            $shut = $sky->cured($lies, Sheets::CLOSES, $below->to, $coat->from);
            if (!$coat->late && !Sheets::opensAgain($lies) && null !== $shut && $shut > 1.1) {
                $breaches[] = new Breach(self::LAW, null, $coat->words() . ': the film below no longer takes it');
            }
        }

        return $breaches;
    }
}
