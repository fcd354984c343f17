<?php

declare(strict_types=1);

namespace Hull\Schedule\Search;

use Hull\Input\Keys;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Yard;
use Random\Randomizer;

/** Orders in which parts get their turns: a part once for each of its blocks. */
final class Orders
{
    /** Hundredths by which a sampled order is off. */
    private const GIVE = 6;
    /** What waits for the place with most to do goes first by so much. */
    private const BUSY = 0.2;
    /** A film holds up a place for longer than it is worked on, dust keeps films away, the rest is beside both. */
    private const WET = 2.0;
    private const BESIDE = 0.3;
    /** What one wait is taken for where it is not worked out yet, hours. */
    private const WAIT_H = 6.0;

    /**
     * Every order there is, where there are no more than so many.
     *
     * @param array<int|string, int> $counts blocks by part
     *
     * @return list<list<string>>|null
     */
    public static function all(array $counts, int $most): ?array
    {
        $orders = 1.0;
        $before = 0;
        foreach ($counts as $count) {
            for ($i = 1; $i <= $count; ++$i) {
                $orders *= ++$before / $i;
            }
        }

        return $orders > $most + 0.5 ? null : self::interleaved($counts);
    }

    /**
     * @param array<int|string, int> $counts
     *
     * @return list<list<string>>
     */
    private static function interleaved(array $counts): array
    {
        $counts = array_filter($counts, static fn(int $n): bool => $n > 0);
        if ([] === $counts) {
            return [[]];
        }
        $orders = [];
        foreach ($counts as $part => $left) {
            foreach (self::interleaved([$part => $left - 1] + $counts) as $rest) {
                $orders[] = [(string) $part, ...$rest];
            }
        }

        return $orders;
    }

    /**
     * @param array<int|string, int> $counts
     *
     * @return list<string> part after part
     */
    public static function plain(array $counts): array
    {
        $order = [];
        foreach ($counts as $part => $count) {
            $order = [...$order, ...array_fill(0, $count, (string) $part)];
        }

        return $order;
    }

    /**
     * Orders worth beginning from: most left to do first, by due date, longest first, by turns, part after part.
     *
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks
     * @param array<int|string, float> $tails activity => hours from its beginning to the end of its part, alone
     *
     * @return list<list<string>>
     */
    public static function sensible(Yard $yard, array $blocks, array $tails): array
    {
        $counts = array_map(count(...), $blocks);
        $work = array_map(static fn(array $list): float => self::length(array_merge([], ...$list)), $blocks);
        $parts = Keys::of($blocks);
        $by = static function (callable $key) use ($parts, $counts): array {
            usort($parts, static fn(string $a, string $b): int => [$key($a), $a] <=> [$key($b), $b]);

            return self::plain(array_replace(array_flip($parts), $counts));
        };
        $turns = [];
        for ($round = 0; $round < max([0, ...array_values($counts)]); ++$round) {
            $longest = Keys::of(array_filter($counts, static fn(int $n): bool => $n > $round));
            usort($longest, static fn(string $a, string $b): int => [$work[$b], $a] <=> [$work[$a], $b]);
            $turns = [...$turns, ...$longest];
        }

        return [
            self::longestTail($blocks, self::byPlace($yard, $tails)),
            ...[] === $yard->dues ? [] : [$by(static fn(string $p): float => $yard->dues[$p] ?? \INF)],
            self::longestTail($blocks, $tails),
            self::longestRest($blocks),
            $turns,
            $by(static fn(string $p): float => -$work[$p]),
            $by(static fn(string $p): float => $work[$p]),
            self::plain($counts),
        ];
    }

    /**
     * Always the part that has longest to go, nights and waits and weather counted.
     *
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks
     * @param array<int|string, float> $tails
     *
     * @return list<string>
     */
    public static function longestTail(array $blocks, array $tails): array
    {
        $turns = [];
        foreach ($blocks as $part => $list) {
            foreach ($list as $n => $block) {
                $turns[] = [-($tails[$block[0]->id] ?? 0.0), $n, (string) $part];
            }
        }
        sort($turns);

        return array_column($turns, 2);
    }

    /**
     * As if what waits for a busy place had longer to go.
     *
     * @param array<int|string, float> $tails
     *
     * @return array<int|string, float>
     */
    public static function byPlace(Yard $yard, array $tails): array
    {
        $load = [];
        foreach ($yard->activities as $a) {
            $share = $a->isCoat() ? self::WET : ($a->dusty ? 1.0 : self::BESIDE);
            $load[$a->place] = ($load[$a->place] ?? 0.0) + $share * $a->hours;
        }
        $most = max([1e-9, ...array_values($load)]);
        foreach ($tails as $id => $tail) {
            $tails[$id] = $tail * (1.0 + (self::BUSY * $load[$yard->activity($id)->place]) / $most);
        }

        return $tails;
    }

    /**
     * What each block has longest to go, give or take.
     *
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks
     * @param array<int|string, float> $tails
     *
     * @return array<int|string, float>
     */
    public static function around(array $blocks, array $tails, Randomizer $random): array
    {
        foreach ($blocks as $list) {
            foreach ($list as $block) {
                $share = $random->getInt(-self::GIVE, self::GIVE) / 100.0;
                $tails[$block[0]->id] = ($tails[$block[0]->id] ?? 0.0) * (1.0 + $share);
            }
        }

        return $tails;
    }

    /**
     * Always the part that has most left to do, waits counted.
     *
     * @param array<int|string, list<non-empty-list<Activity>>> $blocks
     *
     * @return list<string>
     */
    private static function longestRest(array $blocks): array
    {
        $turns = [];
        foreach ($blocks as $part => $list) {
            $left = 0.0;
            foreach (array_reverse($list) as $block) {
                $turns[] = [($left += self::length($block)), (string) $part];
            }
        }
        usort($turns, static fn(array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);

        return array_column($turns, 1);
    }

    /** @param list<Activity> $block */
    private static function length(array $block): float
    {
        return array_sum(
            array_map(static fn(Activity $a): float => $a->hours + self::WAIT_H * count($a->lags), $block),
        );
    }

    /**
     * One turn moved elsewhere, two exchanged, or a part done in one.
     *
     * @param list<string> $order
     *
     * @return list<string>
     */
    public static function neighbour(array $order, Randomizer $random): array
    {
        $last = count($order) - 1;
        if ($last < 1) {
            return $order;
        }
        $from = $random->getInt(0, $last);
        $to = $random->getInt(0, $last);
        $how = $random->getInt(0, 5);
        if (0 === $how) {
            $part = $order[$from];
            $others = array_values(array_filter($order, static fn(string $p): bool => $p !== $part));
            array_splice($others, min($to, count($others)), 0, array_fill(0, count($order) - count($others), $part));

            return $others;
        }
        if ($how <= 2) {
            $exchanged = array_replace($order, [$from => $order[$to], $to => $order[$from]]);

            return array_values($exchanged);
        }
        $turn = array_splice($order, $from, 1);
        array_splice($order, $to, 0, $turn);

        return $order;
    }
}
