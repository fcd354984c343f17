<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\PlanRow;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Explaining\ForecastRisk;
use Hull\Schedule\Explaining\Slack;
use Hull\Schedule\Placing\Lost;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\Move;
use Hull\Schedule\Replanning\Replan;
use Hull\Schedule\Search\LowerBound;

/** A schedule as it is kept: enough to show it without working it out again. Hours since 1970 UTC. */
final class PlanBody
{
    /**
     * @param array<int|string, float> $pins
     * @param array<int|string, list<ForecastRisk>> $hangs by activity
     *
     * @return array<int|string, mixed>
     */
    public static function of(Schedule $schedule, ?Replan $replan, array $pins, array $hangs = []): array
    {
        $yard = $schedule->yard;
        $slack = Slack::of($schedule);
        $critical = array_map(static fn(Placement $p): string => $p->id, $schedule->criticalChain());
        $why = static fn(Why $w): array => [
            'kind' => $w->kind->value,
            'says' => $w->words(null === $w->other ? '' : lcfirst($yard->activities[$w->other]->name ?? 'other work')),
            'other' => $w->other,
        ];
        $work = [];
        foreach ($schedule->placed as $id => $p) {
            $a = $yard->activity($id);
            $latest = Times::latest($a, $schedule->placed)[0] ?? \INF;
            $work[] = [
                'id' => $id,
                'part' => $a->part,
                'name' => $a->name,
                'place' => $a->place,
                'start' => $p->start,
                'end' => $p->end,
                'dry' => $p->dry,
                'who' => $p->who,
                'why' => $why($p->why),
                'slack' => $slack[$id] ?? 0.0,
                'critical' => in_array($id, $critical, true),
                'paid' => $p->paid,
                'set_up' => $p->setUp,
                'coat' => $a->isCoat(),
                'from' => self::finite(Times::earliest($yard, $a, $schedule->placed)[0]),
                'until' => self::finite($latest),
                'step' => $a->step,
                'product' => $a->product ?? '',
                'gear' => $a->gear,
                'fixed' => null !== $a->fixed,
                'hangs' => array_map(static fn(ForecastRisk $h): string => $h->words($yard), $hangs[$id] ?? []),
            ];
        }

        return [
            'pins' => $pins,
            'finish' => $schedule->finish(),
            'bound' => LowerBound::of($yard),
            'hands_on' => $schedule->score->handsOn,
            'paid' => $schedule->score->paid,
            'late' => $schedule->score->late,
            'work' => $work,
            'without' => array_map(
                static fn(string $id, string $says): array => [
                    'id' => $id,
                    'part' => $yard->activity($id)->part,
                    'name' => $yard->activity($id)->name,
                    'says' => $says,
                ],
                Keys::of($schedule->without),
                array_values($schedule->without),
            ),
            'missed' => self::missed($schedule),
            'lost' => array_map(
                static fn(Lost $l): array => [
                    'id' => $l->cause,
                    'part' => $l->part,
                    'name' => $yard->activity($l->cause)->name,
                    'says' => $l->says,
                    'bares' => $l->bares,
                    'air' => null !== $l->closed || $yard->activity($l->cause)->people > 1,
                ],
                array_values(array_filter($schedule->lost(), static fn(Lost $l): bool => !$l->elsewhere)),
            ),
            'moves' => array_map(
                static fn(Move $m): array => [
                    'id' => $m->id,
                    'part' => $yard->activity($m->id)->part,
                    'name' => $yard->activity($m->id)->name,
                    'from' => $m->from,
                    'to' => $m->to,
                    'why' => $why($m->why),
                    'stays' => self::stays($yard, $m),
                    'paid' => $m->paid,
                    'slip' => $m->isSlip(),
                ],
                $replan->moves ?? [],
            ),
            'again' => null !== $replan,
            'better' => $replan?->better?->finish(),
        ];
    }

    /** @return list<array{part: string, due: float, end: float|null}> parts that are not done when they are due */
    private static function missed(Schedule $schedule): array
    {
        $missed = [];
        foreach ($schedule->yard->dues as $part => $due) {
            $end = $schedule->yard->now;
            foreach ($schedule->yard->chains[$part] ?? [] as $id) {
                $end = max($end, $schedule->placed[$id]->end ?? \INF);
            }
            if ($end > $due) {
                $missed[] = ['part' => (string) $part, 'due' => $due, 'end' => self::finite($end)];
            }
        }

        return $missed;
    }

    /** What would break if it stayed, in words; null for what is new or has no room. */
    private static function stays(Yard $yard, Move $move): ?string
    {
        $stays = $move->stays;

        $as = [] === $move->for ? '' : sprintf(', as %s is not at work then', implode(' and ', $move->for));

        return match (true) {
            null === $stays => null,
            $stays->id === $move->id => $stays->words($yard) . $as,
            default => lcfirst($yard->activity($stays->id)->name) . ': ' . $stays->words($yard) . $as,
        };
    }

    /**
     * A schedule that was found since: enough to take it.
     *
     * @param float $before when the one that is shown ends, hour
     *
     * @return array<string, mixed>
     */
    public static function found(Schedule $schedule, float $before): array
    {
        return [
            'finish' => $schedule->finish(),
            'sooner' => $before - $schedule->finish(),
            'work' => array_map(
                static fn(Placement $p): array => [
                    'id' => $p->id,
                    'start' => $p->start,
                    'who' => $p->who,
                    'paid' => $p->paid,
                ],
                array_values($schedule->placed),
            ),
        ];
    }

    /** @return list<mixed> of what was found since a plan was made; nothing where nothing was */
    public static function foundWork(?PlanRow $row): array
    {
        $work = null === $row ? null : Node::root($row->body)->optional('found')?->field('work')->value;

        return is_array($work) ? array_values($work) : [];
    }

    private static function finite(float $hour): ?float
    {
        return is_finite($hour) ? $hour : null;
    }

    /** Whether something of the plan before had to move by more than a slip. */
    public static function moved(PlanRow $row): bool
    {
        return [] !==
            array_filter(
                Node::root($row->body)->optional('moves')?->items(5000) ?? [],
                static fn(Node $m): bool => !$m->field('slip')->boolean(),
            );
    }

    /** @return list<Node> */
    public static function work(?PlanRow $row): array
    {
        return null === $row ? [] : Node::root($row->body)->optional('work')?->items(5000) ?? [];
    }
}
