<?php

declare(strict_types=1);

namespace App\Plan;

use Hull\Input\Keys;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\ForecastRisk;
use Hull\Schedule\Explaining\Reason;
use Hull\Schedule\Explaining\Slack;
use Hull\Schedule\Placing\Lost;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\Move;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Search\LowerBound;

/** Makes what is kept of a schedule. */
final readonly class PlanWriter
{
    private Yard $yard;

    private function __construct(private Schedule $schedule)
    {
        $this->yard = $schedule->yard;
    }

    /**
     * @param array<int|string, float> $pins
     * @param array<int|string, list<ForecastRisk>> $hangs by activity
     */
    public static function document(Schedule $schedule, ?Replan $replan, array $pins, array $hangs): PlanDocument
    {
        $writer = new self($schedule);

        return new PlanDocument(
            pins: $pins,
            finish: $schedule->finish(),
            bound: LowerBound::of($schedule->yard),
            handsOn: $schedule->score->handsOn,
            rework: $schedule->score->rework,
            late: $schedule->score->late,
            work: $writer->work($hangs),
            unplaced: array_map(
                static fn(string $id, string|Message $says): PlanWait => $writer->wait($id, $says),
                Keys::of($schedule->unplaced),
                array_values($schedule->unplaced),
            ),
            missed: $writer->missed(),
            lost: $writer->lost(),
            moves: array_map($writer->move(...), $replan->moves ?? []),
            again: null !== $replan,
            better: $replan?->better?->finish(),
        );
    }

    /**
     * @param array<int|string, list<ForecastRisk>> $hangs by activity
     *
     * @return list<PlannedWork>
     */
    private function work(array $hangs): array
    {
        $slack = Slack::of($this->schedule);
        $critical = array_map(static fn(Placement $p): string => $p->id, $this->schedule->criticalChain());
        $work = [];
        foreach ($this->schedule->placed as $id => $p) {
            $a = $this->yard->activity($id);
            $latest = Times::latest($a, $this->schedule->placed)[0] ?? \INF;
            $work[] = new PlannedWork(
                id: (string) $id,
                part: $a->part,
                name: $a->name,
                place: $a->place,
                start: $p->start,
                end: $p->end,
                dry: $p->dry,
                who: $p->who,
                kind: $p->why->kind->value,
                says: Reason::of($this->schedule, $p),
                other: $p->why->other,
                slack: $slack[$id] ?? 0.0,
                critical: in_array($id, $critical, true),
                rework: $p->rework,
                setUp: $p->setUp,
                coat: $a->isCoat(),
                fixed: null !== $a->fixed,
                from: self::finite(Times::earliest($this->yard, $a, $this->schedule->placed)[0]),
                until: self::finite($latest),
                step: $a->step,
                product: $a->product ?? '',
                gear: $a->gear,
                hangs: array_map(fn(ForecastRisk $h): Message => $h->words($this->yard), $hangs[$id] ?? []),
            );
        }

        return $work;
    }

    private function wait(string $id, string|Message $says): PlanWait
    {
        $activity = $this->yard->activity($id);

        return new PlanWait($id, $activity->part, $activity->name, $says);
    }

    /** @return list<PlanWait> blocks that wait for something of their own */
    private function lost(): array
    {
        $all = $this->schedule->lost();
        $waits = [];
        foreach ($all as $lost) {
            if ($lost->elsewhere) {
                continue;
            }
            $activity = $this->yard->activity($lost->cause);
            $with = array_filter($all, static fn(Lost $l): bool => in_array($lost->part, $l->on, true));
            $waits[] = new PlanWait(
                id: $lost->cause,
                part: $lost->part,
                name: $activity->name,
                says: $lost->says,
                bares: $lost->bares,
                air: null !== $lost->closed || $activity->people > 1 || $this->yard->isTooLong($activity),
                with: array_values(array_map(static fn(Lost $l): string => $l->part, $with)),
            );
        }

        return $waits;
    }

    /** @return list<PlanLate> parts that are not done when they are due */
    private function missed(): array
    {
        $missed = [];
        foreach ($this->schedule->missed() as $part => [$due, $end]) {
            $missed[] = new PlanLate((string) $part, $due, $end);
        }

        return $missed;
    }

    private function move(Move $m): PlanMove
    {
        return new PlanMove(
            id: $m->id,
            part: $this->yard->activity($m->id)->part,
            name: $this->yard->activity($m->id)->name,
            from: $m->from,
            to: $m->to,
            says: Reason::words($this->schedule, $m->why),
            stays: $this->stays($m),
            rework: $m->rework,
            slip: $m->isSlip(),
        );
    }

    /** What would break if it stayed, in words; null for what is new or has no room. */
    private function stays(Move $move): string|Message|null
    {
        $stays = $move->stays;
        if (null === $stays) {
            return null;
        }
        $breaks =
            $stays->id === $move->id
                ? $stays->words($this->yard)
                : Message::of(
                    '{activity}: {what}',
                    activity: lcfirst($this->yard->activity($stays->id)->name),
                    what: Message::sentence($stays->words($this->yard)),
                );

        return [] === $move->for
            ? $breaks
            : Message::of(
                '{what}, as {people} is not at work then',
                what: Message::sentence($breaks),
                people: Message::row($move->for, ' and '),
            );
    }

    private static function finite(float $hour): ?float
    {
        return is_finite($hour) ? $hour : null;
    }
}
