<?php

declare(strict_types=1);

namespace App\Format;

use App\Api\View\ClosedView;
use App\Api\View\MissedView;
use App\Api\View\PlannedView;
use App\Api\View\PlanPart;
use App\Api\View\PlanView;

/** The parts of a plan on paper, as HTML. Hours are those of the clock on the yard's wall. */
final readonly class DaysSheet
{
    /** @var array<string, PlanPart> */
    private array $parts;

    public function __construct(private PlanView $view, private \DateTimeZone $zone)
    {
        $this->parts = array_column($view->parts, null, 'id');
    }

    /** What is late, and what has no hour. */
    public function first(): string
    {
        $lines = [
            ...array_map(
                fn(MissedView $m): string => sprintf(
                    '<b>%s</b> is due %s and %s.',
                    $this->part($m->part),
                    $this->moment($m->due),
                    null === $m->end ? 'has no hour for all of it' : 'is done ' . $this->moment($m->end),
                ),
                $this->view->missed,
            ),
            ...array_map(
                fn(ClosedView $c): string => sprintf(
                    '<b>%s</b>: %s. There is no hour for "%s": %s.',
                    $this->part($c->part),
                    $c->bares ? 'do not strip it yet' : 'it waits',
                    Paper::text(lcfirst($c->name)),
                    Paper::text((string) $c->says),
                ),
                $this->view->closed,
            ),
            ...array_map(
                static fn(string $why): string => sprintf('This plan may no longer hold: %s.', Paper::text($why)),
                $this->view->outdated,
            ),
        ];

        return [] === $lines ? '' : sprintf('<div class="first">%s</div>', implode('<br>', $lines));
    }

    /** @param list<PlannedView> $work in order of time */
    public function days(array $work): string
    {
        $rows = [];
        foreach ($work as $w) {
            $rows[$w->row ?? $w->id][] = $w;
        }
        $days = [];
        foreach ($rows as $row) {
            $days[$this->at($row[0]->start)->format('l j F Y')][] = $this->line($row);
        }

        $html = '';
        foreach ($days as $day => $lines) {
            $html .= sprintf(
                '<table><thead><tr><th colspan="4">%s</th></tr></thead><tbody>%s</tbody></table>',
                $day,
                implode('', $lines),
            );
        }

        return $html;
    }

    /** @param non-empty-list<PlannedView> $row one part after the other, without a break */
    private function line(array $row): string
    {
        $w = $row[0];
        [$from, $to] = [$this->at($w->start), $this->at($row[count($row) - 1]->end)];
        $small = [
            ...[] === $w->with ? [] : ['with ' . implode(', ', $w->with)],
            ...null === $w->rework ? [] : [sprintf('after %s of making good', $w->rework->text)],
            ...null === $w->until ? [] : [sprintf('begun by %s at the latest', $this->moment($w->until))],
        ];

        return sprintf(
            '<tr><td class="tick"><span></span></td><td class="time">%s to %s</td><td>%s: %s%s</td>' .
                '<td class="who">%s%s</td></tr>',
            $from->format('H:i'),
            $to->format($from->format('Ymd') === $to->format('Ymd') ? 'H:i' : 'D H:i'),
            implode('; ', array_map($this->named(...), $row)),
            Paper::text(lcfirst($w->name)),
            implode(
                '',
                array_map(
                    static fn(string $s): string => '<br><span class="small">' . Paper::text($s) . '</span>',
                    $small,
                ),
            ),
            match (true) {
                [] !== $w->who => Paper::text(implode(' and ', $w->who)) . ', ',
                $w->start < $w->end => 'nobody of yours, ',
                default => '',
            },
            Paper::text($w->place),
        );
    }

    /** The part with its job. */
    private function named(PlannedView $w): string
    {
        $job = isset($this->parts[$w->part]) ? sprintf(' (%s)', Paper::text($this->parts[$w->part]->job)) : '';

        return sprintf('<b>%s</b>%s', $this->part($w->part), $job);
    }

    /** Such as "Sat 28 Nov 12:30". */
    public function moment(string $instant): string
    {
        return $this->at($instant)->format('D j M H:i');
    }

    private function part(string $id): string
    {
        return Paper::text($this->parts[$id]->name ?? 'A part');
    }

    private function at(string $instant): \DateTimeImmutable
    {
        return (new \DateTimeImmutable($instant))->setTimezone($this->zone);
    }
}
