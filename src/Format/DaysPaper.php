<?php

declare(strict_types=1);

namespace App\Format;

use App\Api\View\PlannedView;
use App\Api\View\PlanView;

/**
 * The plan on paper, to hang up in the yard: what is late or has no hour first, then day by day who, where, with what,
 * from when to when, each with a box to tick.
 */
final readonly class DaysPaper
{
    private const TITLE = 'Day by day';

    public function __construct(private Paper $paper) {}

    /** @param ?string $who one person's work; everybody's without it */
    public function pdf(PlanView $view, string $yard, ?string $who): string
    {
        $zone = new \DateTimeZone($view->zone);
        $made = new \DateTimeImmutable($view->madeAt ?? $view->now);
        $work = array_values(
            array_filter(
                $view->work,
                static fn(PlannedView $w): bool => null === $who || in_array($who, $w->who, true),
            ),
        );
        $sheet = new DaysSheet($view, $zone);
        $title = null === $who ? self::TITLE : self::TITLE . ': ' . $who;

        return $this->paper->pdf(
            $title,
            sprintf(
                '<h1>%s</h1><p class="small">%s, plan %d%s</p>%s%s',
                Paper::text($title),
                Paper::text($yard),
                $view->version,
                null === $view->finish ? '' : ', all done ' . $sheet->moment($view->finish),
                $sheet->first(),
                [] === $work ? '<p>Nothing is planned.</p>' : $sheet->days($work),
            ),
            sprintf('%s, plan %d of %s', $yard, $view->version, $sheet->moment($made->format(\DATE_ATOM))),
            $made,
        );
    }
}
