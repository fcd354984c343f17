<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Input\Keys;
use Hull\Quantity\Interval;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Aim;
use Hull\Schedule\Placing\Placer;
use Hull\Schedule\Placing\Schedule;
use Random\Randomizer;

/**
 * A large step of the search: some parts, or all of one place, are taken out of a schedule and put back, in another
 * order, into the room that is left. What hangs together with them, or was set up by them, goes with them.
 */
final class Refill
{
    private const FEWEST = 2;
    private const MOST = 7;

    /** @var array<int|string, list<string>> part => parts that wait for something of it or it of them */
    private array $tied = [];

    /** @param array<int|string, list<non-empty-list<Activity>>> $blocks by part */
    public function __construct(
        private readonly Yard $yard,
        private readonly array $blocks,
        private readonly ?Aim $aim = null,
    ) {
        foreach ($yard->needs as $id => $needs) {
            foreach ($needs as $other) {
                [$a, $b] = [$yard->activity($id)->part, $yard->activity($other)->part];
                $this->tied[$a][] = $b;
                $this->tied[$b][] = $a;
            }
        }
    }

    public function of(Schedule $schedule, Randomizer $random): Schedule
    {
        $order = $this->chosen($schedule, $random);
        $out = $this->closed($schedule, array_fill_keys($order, true));
        $placer = new Placer($this->yard, aim: $this->aim);
        foreach ($schedule->placed as $id => $placed) {
            $activity = $this->yard->activity($id);
            if (null === $activity->fixed && !isset($out[$activity->part])) {
                $placer->seat($activity, $placed);
            }
        }
        foreach ([...$order, ...Keys::of(array_diff_key($out, array_flip($order)))] as $part) {
            foreach ($this->blocks[$part] ?? [] as $block) {
                $placer->add($block);
            }
        }
        // What had no room may have some now.
        foreach ([] === $schedule->unplaced ? [] : $this->blocks as $list) {
            foreach ($list as $block) {
                $placer->add($block);
            }
        }

        return $placer->schedule();
    }

    /** @return list<string> parts, in the order in which they are put back */
    private function chosen(Schedule $schedule, Randomizer $random): array
    {
        $count = $random->getInt(self::FEWEST, self::MOST);
        $parts = Keys::of(array_filter($this->blocks, static fn(array $list): bool => [] !== $list));

        return match ($random->getInt(0, 3)) {
            0 => array_slice($random->shuffleArray($parts), 0, $count),
            1 => $this->beside($schedule, $parts, $random, $count),
            default => $this->inTheWay($schedule, $random, $count),
        };
    }

    /**
     * One that ends last first, then such as stand in its way.
     *
     * @return list<string>
     */
    private function inTheWay(Schedule $schedule, Randomizer $random, int $count): array
    {
        $ends = [];
        foreach ($schedule->placed as $id => $placed) {
            $part = $this->yard->activity($id)->part;
            $ends[$part] = max($ends[$part] ?? 0.0, $placed->end);
        }
        arsort($ends);
        $last = array_slice(Keys::of($ends), 0, 1 + $random->getInt(0, 3));
        $on = [];
        foreach ($schedule->criticalChain() as $placed) {
            $on[$this->yard->activity($placed->id)->part] = true;
        }
        $others = $random->shuffleArray(array_values(array_diff(Keys::of($on), $last)));

        return array_slice([...$last, ...$others], 0, max($count, count($last)));
    }

    /**
     * Those that are at work in one place.
     *
     * @param list<string> $parts
     *
     * @return list<string>
     */
    private function beside(Schedule $schedule, array $parts, Randomizer $random, int $count): array
    {
        $at = fn(string $part): string => $this->yard->activity($this->yard->chains[$part][0])->place;
        $place = $at($parts[$random->getInt(0, count($parts) - 1)]);
        $there = array_values(array_filter($parts, static fn(string $part): bool => $at($part) === $place));

        return array_slice($random->shuffleArray($there), 0, $count);
    }

    /**
     * @param array<int|string, true> $out
     *
     * @return array<int|string, true> with what hangs together with them or was set up by them
     */
    private function closed(Schedule $schedule, array $out): array
    {
        $alike = [];
        foreach ($schedule->placed as $id => $placed) {
            $activity = $this->yard->activity($id);
            if ('' !== $activity->share) {
                $alike[$activity->share][] = [$activity, $placed];
            }
        }
        do {
            $before = count($out);
            foreach (array_keys($out) as $part) {
                foreach ($this->tied[$part] ?? [] as $other) {
                    $out[$other] = true;
                }
            }
            foreach ($alike as $ones) {
                foreach ($ones as [$activity, $placed]) {
                    if (
                        !isset($out[$activity->part]) &&
                        $placed->setUp &&
                        !self::isSetUp($activity, $placed, $ones, $out)
                    ) {
                        $out[$activity->part] = true;
                    }
                }
            }
        } while (count($out) > $before);

        return $out;
    }

    /**
     * By something that stays.
     *
     * @param list<array{Activity, Placement}> $ones alike
     * @param array<int|string, true> $out
     */
    private static function isSetUp(Activity $activity, Placement $placed, array $ones, array $out): bool
    {
        foreach ($ones as [$other, $there]) {
            if (
                !isset($out[$other->part]) &&
                $other->id !== $activity->id &&
                $there->end <= $placed->start + Interval::SAME &&
                $placed->start - $there->start <= $activity->shareFor + Interval::SAME
            ) {
                return true;
            }
        }

        return false;
    }
}
