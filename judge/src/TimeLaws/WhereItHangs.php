<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\Stint;
use Judge\TimeLaw;
use Judge\Timetable;

/**
 * 15 by the clock: what hangs on another is where that stands until it is off and from when it is put back on; in
 * between it is where it is worked. What never comes off is worked where it hangs.
 */
final readonly class WhereItHangs implements TimeLaw
{
    private const LAW = 15;
    private const SHORT_H = 0.001;

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            $there = $this->stands($timetable, $stint->part, $stint->from);
            // What is glued or pressed in is fitted on the bench of the other, or where that hangs by then.
            $bench = $this->isBack($timetable, $stint) ? $this->bench($timetable, $stint->part) : $there;
            if (!in_array($stint->place, [$there, $bench], true)) {
                $breaches[] = new Breach(
                    self::LAW,
                    null,
                    sprintf('%s in %s, and it is in %s then', $stint->words(), $stint->place, $there),
                );
            }
        }

        return $breaches;
    }

    private function stands(Timetable $timetable, string $part, float $hour): string
    {
        $hangs = $timetable->hangs[$part] ?? null;

        return null === $hangs || $this->isOff($timetable, $part, $hour)
            ? $timetable->homes[$part]
            : $this->stands($timetable, $hangs[0], $hour);
    }

    /** Where what it hangs on is, if something on the way there is fitted before the rest is put back. */
    private function bench(Timetable $timetable, string $part): string
    {
        [$on, $isFitted] = $timetable->hangs[$part] ?? ['', false];

        return match (true) {
            '' === $on => $timetable->homes[$part],
            $isFitted => $timetable->homes[$on],
            default => $this->bench($timetable, $on),
        };
    }

    private function isBack(Timetable $timetable, Stint $stint): bool
    {
        foreach ($timetable->stints[$stint->part] as $other) {
            if ($other->isOneOf($this->back($timetable, $stint->part)) && $other->from <= $stint->from) {
                return true;
            }
        }

        return false;
    }

    /**
     * A new seal is pressed into its seat; one that is pressed into what only hangs there is fitted on the bench.
     *
     * @return list<string>
     */
    private function back(Timetable $timetable, string $part): array
    {
        return $timetable->hangs[$part][1] ?? false ? [...Steps::PUTS_BACK, 'fit-seal'] : Steps::PUTS_BACK;
    }

    private function isOff(Timetable $timetable, string $part, float $hour): bool
    {
        $isOff = false;
        $back = $this->back($timetable, $part);
        foreach ($timetable->stints[$part] ?? [] as $stint) {
            $isOff = match (true) {
                $stint->isOneOf(Steps::COMES_OFF) => $isOff || $stint->to <= $hour + self::SHORT_H,
                $stint->isOneOf($back) => $isOff && $stint->from > $hour + self::SHORT_H,
                default => $isOff,
            };
        }

        return $isOff;
    }
}
