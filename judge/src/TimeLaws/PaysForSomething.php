<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Sheets;
use Judge\Steps;
use Judge\Stint;
use Judge\TimeLaw;
use Judge\Timetable;

/** 28: making good is charged where something was really missed, and never for taking tape off. */
final readonly class PaysForSomething implements TimeLaw
{
    private const LAW = 28;
    /** No metal is left bare longer by anybody's rule; chemistry is taken off sooner, hours. */
    private const BARE_H = 4.0;
    private const RESIDUE_H = 0.45;
    /** Nobody leaves it wet for so long. */
    private const WET_H = 3.9;

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            if ($stint->rework > 0.0 && $stint->isOneOf(Steps::UNMASKS)) {
                $breaches[] = new Breach(self::LAW, null, $stint->words() . ': tape is never abraded');
            } elseif ($stint->rework > 0.0 && !$this->missed($timetable, $stint)) {
                $breaches[] = new Breach(self::LAW, null, $stint->words() . ' pays for nothing');
            }
        }

        return $breaches;
    }

    private function missed(Timetable $timetable, Stint $stint): bool
    {
        $sky = $timetable->sky($stint);
        $below = $timetable->before($stint, [Steps::COAT]);
        $wipe = $timetable->before($stint, Steps::WIPES);
        $mask = $timetable->before($stint, ['mask']);
        $bared = $timetable->before($stint, [...Steps::STRIPS, ...Steps::RUBS, ...Steps::BATHS]);
        $left = $timetable->before($stint, array_keys(Steps::LEAVES));
        $wet = DriedSoon::since($timetable, $stint);
        $shut =
            null === $below?->product
                ? null
                : $sky->cured($below->product, Sheets::CLOSES, $below->from, max($stint->to, $below->from));

        return (null !== $wipe && $stint->from - $wipe->to > 0.49) ||
            (null !== $mask && $sky->outdoors && [] !== $sky->rains($mask->to, $stint->from)) ||
            (null !== $shut && $shut > 0.9) ||
            (null !== $bared && $stint->from - $bared->to > self::BARE_H) ||
            (null !== $bared && $sky->outdoors && [] !== $sky->rains($bared->to, $stint->from)) ||
            (null !== $wet && $stint->from - $wet > self::WET_H) ||
            (null !== $left && $stint->from - $left->to > self::RESIDUE_H);
    }
}
