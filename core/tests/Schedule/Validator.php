<?php

declare(strict_types=1);

namespace Hull\Tests\Schedule;

use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;

/**
 * Looks a finished schedule over, activity by activity and pair by pair; shares nothing with the scheduler but the
 * yard.
 */
final class Validator
{
    private const SLACK = 1e-4;

    /** @return list<string> what is wrong with it */
    public static function faults(Schedule $schedule): array
    {
        $faults = [];
        $yard = $schedule->yard;
        foreach ($yard->activities as $id => $activity) {
            $placed = $schedule->placed[$id] ?? null;
            if (null === $placed) {
                if (!isset($schedule->unplaced[$id])) {
                    $faults[] = "$id is lost without a word";
                }
                continue;
            }
            $faults = [
                ...$faults,
                ...self::alone($yard, $activity, $placed, $schedule),
                ...self::chain($yard, $activity, $placed, $schedule->placed),
            ];
        }

        return [...$faults, ...self::pairs($yard, $schedule->placed), ...self::floors($yard, $schedule->placed)];
    }

    /** Hours of it in which everybody who does it is at work; looked at minute by minute. */
    private static function together(Yard $yard, Placement $p, bool $noisy): float
    {
        $minutes = 0;
        for ($at = $p->start + 0.5 / 60.0; $at < $p->end; $at += 1.0 / 60.0) {
            $there = 0;
            foreach ($yard->people as $person) {
                foreach (in_array($person->name, $p->who, true) ? $person->hours($noisy)->spans : [] as $w) {
                    $there += $w->from <= $at && $w->to >= $at ? 1 : 0;
                }
            }
            $minutes += $there === count($p->who) ? 1 : 0;
        }

        return ($minutes + 1) / 60.0;
    }

    /** @return list<string> */
    private static function alone(Yard $yard, Activity $a, Placement $p, Schedule $schedule): array
    {
        if (null !== $a->fixed) {
            return $a->fixed->start === $p->start && $a->fixed->end === $p->end
                ? []
                : ["$a->id was under way and was moved"];
        }
        $faults = [];
        $hours = $a->hours + $p->rework;
        if ($p->setUp) {
            $hours -= min($a->setupHours, $hours);
            $alike = array_filter(
                $schedule->placed,
                static fn(Placement $o): bool => $o->id !== $p->id &&
                    '' !== $a->share &&
                    $yard->activity($o->id)->share === $a->share &&
                    $o->end <= $p->start + self::SLACK &&
                    $p->start - $o->start <= $a->shareFor + self::SLACK,
            );
            if ([] === $alike) {
                $faults[] = "$a->id is said to be set up by nothing";
            }
        }
        foreach (
            [
                [$p->start < $yard->now - self::SLACK, 'begins in the past'],
                [$p->end > $yard->end + self::SLACK, 'ends past the end'],
                [$p->start < $a->notBefore - self::SLACK, 'begins before it may'],
                [count(array_unique($p->who)) !== $a->people, 'has not its people'],
            ]
            as [$wrong, $says]
        ) {
            $faults = $wrong ? [...$faults, "$a->id $says"] : $faults;
        }
        foreach ($p->who as $name) {
            $person =
                array_values(
                    array_filter(
                        $yard->people,
                        static fn(\Hull\Schedule\Calendar\Person $x): bool => $x->name === $name,
                    ),
                )[0] ?? null;
            $worked = $person?->hours($a->noisy)->hours($p->start, $p->end) ?? 0.0;
            // Those who do it together are there together.
            if (count($p->who) > 1 && self::together($yard, $p, $a->noisy) < $hours - self::SLACK) {
                $faults[] = sprintf('%s: it takes %.3f h of all of them', $a->id, $hours);
            }
            if ($worked < $hours - self::SLACK || ($a->whole && abs($p->end - $p->start - $hours) > self::SLACK)) {
                $faults[] = sprintf('%s: %s works %.3f h of it, it takes %.3f', $a->id, $name, $worked, $hours);
            }
        }
        if ($a->bares && !$a->whole && $p->end - $p->start > 13.0 && $hours < 5.0 && [] !== $p->who) {
            $faults[] = "$a->id lies half bare over a night";
        }
        if (null !== $a->wet) {
            $dry = $a->wet->dry->after($p->end);
            for ($t = $p->start + 0.01; $t < $p->end; $t += 0.25) {
                $reason = $a->wet->gate->reasonAt($t);
                $faults =
                    null === $reason
                        ? $faults
                        : [...$faults, sprintf('%s is put on at %.2f: %s', $a->id, $t, $reason->words())];
            }
            for ($t = $p->end + 0.01; $t < min($dry ?? $yard->end, $yard->end); $t += 0.25) {
                $reason = $a->wet->gate->reasonAt($t);
                $faults =
                    \Hull\Climate\GateReason::Dew === $reason || \Hull\Climate\GateReason::Rain === $reason
                        ? [...$faults, sprintf('%s is still wet at %.2f: %s', $a->id, $t, $reason->words())]
                        : $faults;
            }
        }
        if (null !== $a->dry && self::isRainedOn($yard, $a, $p)) {
            $faults[] = "$a->id is rained on";
        }

        return $faults;
    }

    /** What is readied for a coat at any hour between, anything else while somebody is at it. */
    private static function isRainedOn(Yard $yard, Activity $a, Placement $p): bool
    {
        if ($a->whole || $a->forCoat || $a->bares || $p->end - $p->start < $a->hours + 0.01) {
            return null !== $a->dry?->against($p->start, $p->end);
        }
        for ($t = $p->start + 0.01; $t < $p->end; $t += 0.25) {
            $there = array_filter($p->who, static fn(string $name): bool => $yard->isThere($name, $t));
            if ([] !== $there && null !== $a->dry?->against($t, min($t + 0.2, $p->end))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return list<string>
     */
    private static function chain(Yard $yard, Activity $a, Placement $p, array $placed): array
    {
        $faults = [];
        foreach ($yard->chains[$a->part] as $id) {
            if ($id === $a->id) {
                break;
            }
            $before = $placed[$id] ?? null;
            if (null === $before || $before->end > $p->start + self::SLACK) {
                $faults[] = "$a->id is before $id has ended";
            }
        }
        $lasts = $p->end - $p->start - $p->rework;
        // A coat is worked along: what is at a share of the first is reached at the same share of the next.
        $shares = static fn(bool $along): array => $along ? range(0.0, 1.0, 1.0 / 12.0) : [1.0];
        foreach (null === $a->fixed ? $a->lags : [] as $lag) {
            $from = $placed[$lag->from] ?? null;
            if (null === $from) {
                continue;
            }
            foreach ($shares($lag->along) as $share) {
                $ready = $lag->passing->after($from->start + $share * ($from->end - $from->start));
                if (
                    null === $ready ||
                    $p->start + $p->rework + ($lag->along ? $share * $lasts : 0.0) < $ready - self::SLACK
                ) {
                    $faults[] = sprintf('%s does not wait for %s', $a->id, $lag->what);
                    break;
                }
            }
        }
        foreach (null === $a->fixed && 0.0 === $p->rework ? $a->windows : [] as $window) {
            $from = $placed[$window->from] ?? null;
            if (null === $from) {
                continue;
            }
            foreach ($shares($window->along) as $share) {
                $closes = $window->closes->after($from->start + $share * ($from->end - $from->start));
                if (null !== $closes && $p->start + ($window->along ? $share * $lasts : 0.0) > $closes + self::SLACK) {
                    $faults[] = sprintf(
                        '%s misses %s by %.2f h and pays nothing',
                        $a->id,
                        $window->what,
                        $p->start - $closes,
                    );
                    break;
                }
            }
        }

        return $faults;
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return list<string>
     */
    private static function pairs(Yard $yard, array $placed): array
    {
        $faults = [];
        $list = array_values($placed);
        foreach ($list as $i => $p) {
            $a = $yard->activity($p->id);
            foreach (array_slice($list, $i + 1) as $q) {
                $b = $yard->activity($q->id);
                $overlap = static fn(float $s1, float $e1, float $s2, float $e2): bool => $s1 < $e2 - self::SLACK &&
                    $s2 < $e1 - self::SLACK;
                $both = $overlap($p->start, $p->end, $q->start, $q->end);
                foreach (
                    [
                        [$both && [] !== array_intersect($p->who, $q->who), 'the same person'],
                        [
                            $both &&
                            [] !==
                                array_filter(
                                    array_intersect($a->gear, $b->gear),
                                    static fn(string $g): bool => 1 === ($yard->gear[$g] ?? 1),
                                ),
                            'the same gear',
                        ],
                        [$a->place === $b->place && $both && null !== $a->wet && null !== $b->wet, 'two wet jobs'],
                        [
                            $a->place === $b->place &&
                            $a->dusty &&
                            null !== $b->wet &&
                            $overlap($p->start, $p->end, $q->start, $q->dry),
                            'dust on a wet film',
                        ],
                        [
                            $a->place === $b->place &&
                            $b->dusty &&
                            null !== $a->wet &&
                            $overlap($p->start, $p->dry, $q->start, $q->end),
                            'dust on a wet film',
                        ],
                    ]
                    as [$wrong, $says]
                ) {
                    $faults = $wrong ? [...$faults, "$a->id and $b->id: $says"] : $faults;
                }
            }
        }

        return $faults;
    }

    /**
     * @param array<int|string, Placement> $placed
     *
     * @return list<string>
     */
    private static function floors(Yard $yard, array $placed): array
    {
        $faults = [];
        foreach ($yard->floors as $place => $m2) {
            $there = array_filter($placed, static fn(Placement $p): bool => $yard->activity($p->id)->place === $place);
            foreach ($there as $p) {
                $at = $p->start + self::SLACK;
                $under = [];
                foreach ($there as $q) {
                    if ($q->start <= $at && max($q->end, $q->dry) > $at) {
                        $part = $yard->activity($q->id)->part;
                        $under[$part] = max($under[$part] ?? 0.0, $yard->activity($q->id)->floorM2);
                    }
                }
                $taken = array_sum($under);
                $faults = $taken > $m2 + self::SLACK ? [...$faults, "$place: $taken m2 of $m2 at $p->id"] : $faults;
            }
        }

        return $faults;
    }
}
