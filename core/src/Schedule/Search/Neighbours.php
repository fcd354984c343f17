<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;

/** Everything that is one decision away from how a schedule was made; for yards small enough to try it all. */
final class Neighbours
{
    /** Held back by less is not held back, hours. */
    private const LEAST_H = 0.25;

    /** @var array<int|string, array{string, int}> activity => part that has the turn, and which of its turns */
    private array $turn = [];

    /** @param array<int|string, list<non-empty-list<Activity>>> $blocks by part */
    public function __construct(array $blocks)
    {
        foreach ($blocks as $part => $list) {
            foreach ($list as $n => $block) {
                foreach ($block as $activity) {
                    $this->turn[$activity->id] = [(string) $part, $n];
                }
            }
        }
    }

    /** @return iterable<PriorityList> */
    public function of(PriorityList $list, Schedule $schedule): iterable
    {
        yield from self::windows($list, $schedule->yard);
        yield from self::orders($list);
        yield from self::visits($list, $schedule);
        yield from self::holds($list, $schedule);
        yield from $this->letIn($list, $schedule);
    }

    /** @return iterable<PriorityList> something is let in just before what is alike, and sets it up */
    private function letIn(PriorityList $list, Schedule $schedule): iterable
    {
        foreach ($schedule->placed as $id => $placed) {
            $activity = $schedule->yard->activity($id);
            foreach (
                '' === $activity->share || null !== $activity->fixed ? [] : $schedule->placed
                as $other => $later
            ) {
                $of = $schedule->yard->activity($other);
                $order =
                    $of->share === $activity->share && $later->start > $placed->start
                        ? $this->straightAfter($list->order, $activity->id, $of->id)
                        : null;
                if (null === $order) {
                    continue;
                }
                foreach (array_unique([$of->hours, $of->hours - $of->setupHours]) as $hours) {
                    yield new PriorityList(
                        $order,
                        $list->decided->but(
                            held: array_replace($list->decided->held, [$id => $placed->start + $hours]),
                            setUp: $list->decided->setUp + [$id => true],
                        ),
                    );
                }
            }
        }
    }

    /**
     * The turn of one thing straight after that of another.
     *
     * @param list<string> $order
     *
     * @return list<string>|null
     */
    private function straightAfter(array $order, string $first, string $then): ?array
    {
        $from = $this->at($order, $then);
        $to = $this->at($order, $first);
        if (null === $from || null === $to || $from === $to) {
            return null;
        }
        $turn = array_splice($order, $from, 1);
        array_splice($order, $from < $to ? $to : $to + 1, 0, $turn);

        return $order;
    }

    /** @param list<string> $order */
    private function at(array $order, string $id): ?int
    {
        [$part, $n] = $this->turn[$id] ?? ['', 0];

        return array_keys($order, $part, true)[$n] ?? null;
    }

    /** @return iterable<PriorityList> one turn elsewhere */
    private static function orders(PriorityList $list): iterable
    {
        $count = count($list->order);
        for ($from = 0; $from < $count; ++$from) {
            for ($to = 0; $to < $count; ++$to) {
                if ($from !== $to) {
                    $order = $list->order;
                    $turn = array_splice($order, $from, 1);
                    array_splice($order, $to, 0, $turn);
                    yield new PriorityList($order, $list->decided);
                }
            }
        }
    }

    /** @return iterable<PriorityList> something is held back, or done by somebody else */
    private static function holds(PriorityList $list, Schedule $schedule): iterable
    {
        $decided = $list->decided;
        foreach ($schedule->yard->activities as $id => $activity) {
            $placed = $schedule->placed[$id] ?? null;
            if (null === $placed || null !== $activity->fixed) {
                continue;
            }
            if (isset($decided->held[$id])) {
                yield $list->deciding($decided->but(held: array_diff_key($decided->held, [$id => true])));
            }
            foreach (self::hours($activity, $placed, $schedule) as $hour) {
                $held = $decided->but(held: array_replace($decided->held, [$id => $hour]));
                yield $list->deciding($held);
                if ('' !== $activity->share && !isset($decided->setUp[$id])) {
                    yield $list->deciding($held->but(setUp: $decided->setUp + [$id => true]));
                }
            }
            foreach (count($schedule->yard->people) < 2 ? [] : $schedule->yard->people as $person) {
                if (!in_array($person->name, $placed->who, true)) {
                    yield $list->deciding($decided->but(by: array_replace($decided->by, [$id => $person->name])));
                }
            }
        }
    }

    /**
     * When others begin or end, or something as long as them has been let in before; when somebody comes in.
     *
     * @return list<float> later than it begins now
     */
    private static function hours(Activity $activity, Placement $placed, Schedule $schedule): array
    {
        $hours = [];
        foreach ($schedule->placed as $id => $other) {
            $of = $schedule->yard->activity($id);
            $hours[] = $other->start;
            $hours[] = $other->end;
            if ($of->part !== $activity->part) {
                $hours[] = $placed->start + $of->hours;
                $hours[] = $placed->start + $of->hours - $of->setupHours;
            }
        }
        foreach ($schedule->yard->people as $person) {
            $hours = [...$hours, ...$person->visits($placed->start, $schedule->score->finish)];
        }
        sort($hours);

        return array_values(
            array_unique(
                array_filter(
                    $hours,
                    static fn(float $h): bool => $h >= $placed->start + self::LEAST_H && $h < $schedule->score->finish,
                ),
            ),
        );
    }

    /** @return iterable<PriorityList> one window may be missed, or two; or may not any more */
    public static function windows(PriorityList $list, Yard $yard): iterable
    {
        $late = $list->decided->late;
        foreach ($late as $id => $_) {
            yield $list->deciding($list->decided->but(late: array_diff_key($late, [$id => true])));
        }
        $ids = array_keys(
            array_filter(
                $yard->activities,
                static fn(Activity $a): bool => [] !== $a->windows && !isset($late[$a->id]),
            ),
        );
        foreach ($ids as $n => $id) {
            yield $list->deciding($list->decided->but(late: $late + [$id => true]));
            foreach (array_slice($ids, $n + 1) as $other) {
                yield $list->deciding($list->decided->but(late: $late + [$id => true, $other => true]));
            }
        }
    }

    /** @return iterable<PriorityList> somebody stays away once, or until some day */
    private static function visits(PriorityList $list, Schedule $schedule): iterable
    {
        $away = $list->decided->away;
        foreach ($schedule->yard->people as $person) {
            $name = $person->name;
            $until = [];
            if (isset($away[$name])) {
                yield $list->deciding($list->decided->but(away: array_diff_key($away, [$name => true])));
            }
            foreach ($person->visits($schedule->yard->now, $schedule->score->finish) as $visit) {
                $until[] = $visit;
                yield $list->deciding($list->decided->but(away: array_replace($away, [$name => $until])));
                yield $list->deciding(
                    $list->decided->but(away: array_replace($away, [$name => [...$away[$name] ?? [], $visit]])),
                );
            }
        }
    }
}
