<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Cure\CureClock;
use Hull\Cure\CureFactor;
use Hull\Cure\CureRows;
use Hull\Cure\Readiness;
use Hull\Cure\ZoneAdvice;
use Hull\Cure\ZoneSpan;
use Hull\Cure\ZoneTimes;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Route\StepRunner;

/**
 * When the next coat on a part may begin, zone by zone along the coat below, and what that film stands by when. Hours
 * since 1970 UTC.
 */
final readonly class NextCoat
{
    /**
     * @param list<ZoneTimes> $zones
     * @param list<Message> $advice what opens the window again when it is empty
     * @param array<int|string, array{float|null, bool}> $ready by Readiness: hour, and whether the sheet says so
     */
    private function __construct(
        public string $stepKey,
        public ZoneSpan $span,
        public array $zones,
        public array $advice,
        public array $ready,
    ) {}

    /** Null while no coat is laid. */
    public static function of(Workpiece $piece, Replayed $done): ?self
    {
        $coat = $done->coats[count($done->coats) - 1] ?? null;
        $top = $done->state->top();
        $sheet = $coat?->product->cure;
        if (null === $coat || null === $top || null === $sheet) {
            return null;
        }
        $factor = CureFactor::thickness($top->thickness, $coat->product->dft);
        $clock = static fn(CureRows $rows): \Closure => static fn(float $laid): ?float => CureClock::start(
            $rows,
            $coat->product->cureKind,
            $factor,
        )->reachedAt($done->series, $laid);
        $opens = $clock($sheet->recoatMin);
        $closes = null === $sheet->recoatMax ? static fn(float $laid): ?float => null : $clock($sheet->recoatMax);
        $next =
            array_values(
                array_filter(
                    Workpiece::remaining($piece->route(), $done),
                    static fn(RouteStep $s): bool => null !== $s->product,
                ),
            )[0] ?? null;
        $hours = null === $next ? 0.0 : self::hours($piece, $next);
        $start = $done->started[$coat->stepKey] ?? $coat->laidAt;
        $zones = ZoneSpan::along($start, $coat->laidAt - $start, $hours);
        $span = ZoneSpan::of($zones, $opens, $closes);
        $ready = [];
        foreach (Readiness::cases() as $for) {
            $ready[$for->value] = [$clock($sheet->ready($for))($coat->laidAt), $sheet->states($for)];
        }

        return new self(
            $coat->stepKey,
            $span,
            ZoneTimes::of($zones, $opens, $closes),
            $span->isOpen() ? [] : ZoneAdvice::of($start, $coat->laidAt - $start, $hours, $opens, $closes)->words(),
            $ready,
        );
    }

    /** Of hands-on work for the next coat. */
    private static function hours(Workpiece $piece, RouteStep $next): float
    {
        $runner = new StepRunner($piece->context);
        $step = $piece->context->catalogue()->step($next->step);

        return $runner->work->minutes($step, $step->laysFilm ? $runner->product($next) : null) / 60.0;
    }
}
