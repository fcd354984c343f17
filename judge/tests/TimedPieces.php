<?php

declare(strict_types=1);

namespace Judge\Tests;

use Hull\Board\JobPlan;
use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Job\Job;
use Hull\Piece\Hanging;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Reading\Planning;
use Hull\Schedule\Search\Scheduler;
use Judge\Act;
use Judge\Piece;

/** A made-up piece in a timetable, read back as what is done one after the other. */
final readonly class TimedPieces
{
    /** 14 May 2026, 08:00 UTC. */
    private const NOW = 494_096.0;
    /** No film of the trade is dry to handle sooner, none is hard sooner, hours. */
    private const WAITS = ['wait-recoat' => 0.2, 'wait-full' => 20.0];

    /** Null where not everything has room in it. */
    public static function of(Job $job, JobPlan $plan): ?Piece
    {
        $pieces = $done = $places = $air = [];
        foreach ($plan->routes as $id => $route) {
            $pieces[$id] = $plan->pieces[$id]->routed($route);
            $places[$id] = $pieces[$id]->place->id;
            $place = $pieces[$id]->place;
            $air[$place->id] = PlaceAir::of(
                $plan->pieces[$id]->context->catalogue()->places[$place->kind],
                $place->air,
                self::forecast(),
                [],
                (int) self::NOW,
                24 * 50,
            );
        }
        $airs = new Airs($air);
        foreach ($pieces as $id => $piece) {
            $done[$id] = $piece->replay(
                new \DateTimeImmutable('@' . (int) (self::NOW * 3600)),
                $airs->at($places[$id])->series(),
            );
        }
        $yard = Planning::yard(
            pieces: $pieces,
            done: $done,
            places: $places,
            airs: $airs,
            crew: Crew::usual('Rowan'),
            zone: new \DateTimeZone('UTC'),
            now: self::NOW,
            precedences: $plan->precedences,
            hanging: Hanging::all($pieces, $places),
        );
        $schedule = (new Scheduler(4))->plan($yard);
        if ([] !== $schedule->unplaced) {
            return null;
        }
        $timed = $chainEnd = [];
        foreach ($schedule->placed as $id => $placed) {
            $activity = $yard->activity($id);
            // Nobody waits for anything between the hand-overs of a piece.
            if ('hand-over' !== $activity->step) {
                $chainEnd[$activity->part] = max($chainEnd[$activity->part] ?? 0.0, $placed->start);
            }
        }
        foreach ($schedule->placed as $id => $placed) {
            $activity = $yard->activity($id);
            $part = $activity->part;
            $colour =
                null === $activity->product ? '' : $pieces[$part]->context->system->shade($activity->product)->colour;
            $timed[] = [$placed->start, 1, new Act($activity->step, [$part], $activity->product, $colour)];
            foreach ($activity->isCoat() ? self::WAITS : [] as $wait => $hours) {
                if ($placed->end + $hours < ($chainEnd[$part] ?? -\INF)) {
                    $timed[] = [$placed->end + $hours, 0, new Act($wait, [$part])];
                }
            }
        }
        usort($timed, static fn(array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        $merged = MadePieces::piece($job, $plan);

        return new Piece($merged->members, self::overOnce(array_column($timed, 2), $merged->wholes()));
    }

    /** Mild days, cool nights, no rain. */
    private static function forecast(): Forecast
    {
        $hours = [];
        for ($h = 0; $h < 24 * 14; ++$h) {
            $day = sin(((($h % 24) - 1) / 24) * 2 * \M_PI);
            $hours[] = Weather::of(
                Air::of(Temperature::celsius(17.0 + 5.0 * $day), RelativeHumidity::percent(62.0 - 12.0 * $day)),
                Speed::metresPerSecond(2.0),
            );
        }

        return Forecast::of((int) self::NOW, $hours, 'made up');
    }

    /**
     * Hand-overs of a piece are one where nothing else of it is done between them.
     *
     * @param list<Act> $acts
     * @param list<list<string>> $wholes
     *
     * @return list<Act>
     */
    private static function overOnce(array $acts, array $wholes): array
    {
        foreach ($wholes as $ids) {
            $over = null;
            foreach ($acts as $at => $act) {
                if ([] === array_intersect($ids, $act->parts)) {
                    continue;
                }
                $before = null === $over ? null : $acts[$over] ?? null;
                if ('hand-over' === $act->step && null !== $before) {
                    $acts[$over] = new Act('hand-over', [...$before->parts, ...$act->parts]);
                    unset($acts[$at]);
                    continue;
                }
                $over = 'hand-over' === $act->step ? $at : null;
            }
        }

        return array_values($acts);
    }
}
