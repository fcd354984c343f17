<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Bench\RouteLine;
use Hull\Catalog\Catalogue;

/** From which step to which a kind of tape is on, and how soft the film is when it comes off. */
final readonly class TapedFor
{
    /**
     * @param string $on name of the step that puts it on first; empty where the route has none
     * @param string $off name of the step that takes it off last; empty where the route has none
     * @param float|null $hours the longest that it stays on, nights not counted; null where it never is, or a wait
     *                          in this air never ends
     * @param float|null $after hours from the last coat over it until it comes off: nought is wet; null where no coat
     *                          goes over it
     */
    private function __construct(public string $on, public string $off, public ?float $hours, public ?float $after) {}

    /**
     * @param list<RouteLine> $lines of a whole route
     * @param string $fact that holds while it is on
     */
    public static function of(Catalogue $catalogue, array $lines, string $fact): self
    {
        [$on, $off, $longest, $after] = ['', '', null, null];
        [$clock, $ends, $since, $coated] = [0.0, true, null, null];
        foreach ($lines as $line) {
            $step = $catalogue->step($line->step->step);
            $done = $clock + $line->minutes / 60.0;
            if (MaskingTimes::sets($step, $fact, true)) {
                $on = '' === $on ? $line->name : $on;
                $since = $clock;
            } elseif (null !== $since && MaskingTimes::sets($step, $fact, false)) {
                $off = $line->name;
                $after = null === $coated ? null : $clock - $coated;
                $longest = max($longest ?? 0.0, $done + ($line->waitHours ?? 0.0) - $since);
                [$since, $coated] = [null, null];
            } elseif (null !== $since && $step->laysFilm) {
                $coated = $done;
            }
            $ends = $ends && (null === $since || null !== $line->waitHours);
            $clock = $done + ($line->waitHours ?? 0.0);
        }

        return new self($on, $off, $ends ? $longest : null, $after);
    }
}
