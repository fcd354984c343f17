<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Sheets;
use Judge\Steps;
use Judge\Stint;
use Judge\TimeLaw;
use Judge\Timetable;

/**
 * 22, and what 5 and 6 say of hours: outdoors rain wets, what was wet dries anew, wipe and masking are void; a film has
 * its hours free of rain and dew; the last wipe is an hour old at most, outdoors half of one.
 */
final readonly class RainWets implements TimeLaw
{
    private const LAW = 22;
    private const WIPE_H = 1.0;
    private const WIPE_OUT_H = 0.5;
    private const DEW_C = 3.0;
    /** Cloth and tape on what is wet, a film, a filler: none of it holds. */
    private const WANTS_DRY = [
        ...Steps::WIPES,
        Steps::COAT,
        'mask',
        'solvent-degrease',
        'putty-pits',
        'putty-over-primer',
        'fair-epoxy',
        'fill-over-metal',
        'fill-over-epoxy',
        'laminate-epoxy',
        'laminate-polyester',
        'laminate-vinylester',
        'regelcoat',
        'convert-rust',
        'rust-oil',
        'oil-film',
        'sand-p80',
        'hand-sand-metal',
        'scuff',
        'scuff-old',
        'blast',
        'glue-on',
    ];

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            foreach ($this->said($timetable, $stint) as $says) {
                $breaches[] = new Breach(self::LAW, null, $stint->words() . ': ' . $says);
            }
        }

        return $breaches;
    }

    /** @return list<string> */
    private function said(Timetable $timetable, Stint $stint): array
    {
        $sky = $timetable->sky($stint);
        $said = [];
        if (Steps::COAT === $stint->step) {
            $said = $this->wiped($timetable, $stint);
        }
        if (!$sky->outdoors || !$stint->isOneOf(self::WANTS_DRY)) {
            return $said;
        }
        if ([] !== $sky->rains($stint->from, $stint->to)) {
            $said[] = 'it rains';
        }
        $rains = $sky->rains($stint->from - 24.0 * 10, $stint->from);
        $last = [] === $rains ? null : max($rains) + 1.0;
        if (null !== $last && $last <= $stint->from && $sky->dried($last, $stint->from) < 0.97) {
            $said[] = 'it is still wet from the rain';
        }
        if (null !== $stint->product && Steps::COAT === $stint->step) {
            $said = [...$said, ...$this->open($timetable, $stint, $stint->product)];
        }

        return $said;
    }

    /** @return list<string> */
    private function open(Timetable $timetable, Stint $stint, string $product): array
    {
        $sky = $timetable->sky($stint);
        $row = null === Sheets::hours($product, Sheets::RAIN, 20.0) ? Sheets::TOUCH : Sheets::RAIN;
        $said = [];
        for ($hour = $stint->from; $hour < $stint->from + 240.0; ++$hour) {
            $safe = $hour > $stint->to ? $sky->cured($product, $row, $stint->to, $hour) ?? 1.0 : 0.0;
            if ($safe >= 0.95) {
                break;
            }
            if ([] !== $sky->rains($hour, $hour + 0.01)) {
                $said[] = 'rain before it bears any';
                break;
            }
            $dry = $hour > $stint->to ? $sky->cured($product, Sheets::TOUCH, $stint->to, $hour) ?? 1.0 : 0.0;
            if (Sheets::mindsDew($product) && $dry < 0.95 && $sky->margin($hour) < self::DEW_C - 0.3) {
                $said[] = 'dew before it is dry';
                break;
            }
        }

        return $said;
    }

    /** What it was masked with last: what is made good before a wipe after the rain is the tape, too. */
    private function masked(Timetable $timetable, Stint $coat): ?Stint
    {
        $mask = $timetable->before($coat, ['mask']);
        $wipe = $timetable->before($coat, Steps::WIPES);

        return null !== $mask && null !== $wipe && $wipe->rework > 0.0 && $wipe->from > $mask->to ? $wipe : $mask;
    }

    /** @return list<string> */
    private function wiped(Timetable $timetable, Stint $coat): array
    {
        $wipe = $timetable->before($coat, Steps::WIPES);
        $below = $timetable->before($coat, [Steps::COAT]);
        $mask = $this->masked($timetable, $coat);
        $sky = $timetable->sky($coat);
        $said = [];
        if (null !== $wipe && !$coat->late && $wipe->from > ($below->from ?? -\INF)) {
            $said =
                $coat->from - $wipe->to > ($sky->outdoors ? self::WIPE_OUT_H : self::WIPE_H) + 0.01
                    ? ['the wipe is too old']
                    : [];
            $said =
                $sky->outdoors && [] !== $sky->rains($wipe->to, $coat->from)
                    ? [...$said, 'rain since the wipe']
                    : $said;
        }
        if (
            null !== $mask &&
            $sky->outdoors &&
            !$coat->late &&
            $mask->from > ($below->from ?? -\INF) &&
            [] !== $sky->rains($mask->to, $coat->from)
        ) {
            $said[] = 'rain since the masking';
        }

        return $said;
    }
}
