<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Count;
use Hull\Quantity\Money;
use Hull\Quantity\Quantity;

/**
 * The cheapest packs that cover a need: every total that packs can make is looked at. Of a need that is very large for
 * its packs, the most is bought in the pack that is cheapest by the litre, and every total is looked at for the rest.
 *
 * A tin covers what is printed on it: a few millilitres a tin more than that need no further tin.
 *
 * What is left over counts at the best price per litre when it keeps, else at nothing. Ties: less left over, then
 * fewer tins.
 */
final class PackChoice
{
    /** Sizes are taken in whole millilitres, grams or thousandths of a metre; pieces are whole. */
    private const GRAINS = 1000;
    /** What a tin may be short of, millilitres or grams. */
    private const SHORT = 3;
    /** Totals looked at, at the most. */
    private const MOST_TOTALS = 60_000;

    /**
     * @param non-empty-list<Pack> $packs every size above 0, all of the measure of the need
     * @param Quantity|null $useful how much of a leftover that keeps is of use to anything; null for all of it
     */
    public static function cheapest(
        Quantity $need,
        array $packs,
        bool $leftoverKeeps,
        ?Quantity $useful = null,
    ): Purchase {
        $wanted = (int) ceil($need->value() * self::grains($need) - 1e-6);
        $sizes = array_map(
            static fn(Pack $p): int => max(1, (int) round($p->size->value() * self::grains($need))),
            $packs,
        );
        $unit = array_reduce($sizes, self::divisor(...), 0);
        $sizes = array_map(static fn(int $s): int => intdiv($s, $unit), $sizes);
        $dear = array_map(static fn(Pack $p, int $s): float => $p->price->minor / $s, $packs, $sizes);
        $cheapest = (int) array_search(min($dear), $dear, true);
        $bulk = max(0, intdiv((int) ceil($wanted / $unit) - self::MOST_TOTALS, $sizes[$cheapest]));
        $rest = $wanted / $unit - $bulk * $sizes[$cheapest];
        $short = ($need instanceof Count ? 0 : self::SHORT) / $unit;
        [$price, $tins, $last] = self::totals((int) ceil($rest) + max($sizes), $packs, $sizes);
        $most = null === $useful ? \INF : ($useful->value() * self::grains($need)) / $unit;
        $best = null;
        $at = 0;
        foreach ($price as $total => $cost) {
            if ($total + $short * $tins[$total] < $rest - 1e-9) {
                continue;
            }
            $over = max(0.0, $total - $rest);
            $rank = [round($cost - ($leftoverKeeps ? min($dear) : 0.0) * min($over, $most), 6), $total, $tins[$total]];
            if (null === $best || $rank < $best) {
                [$best, $at] = [$rank, $total];
            }
        }

        return self::purchase(
            packs: $packs,
            sizes: $sizes,
            last: $last,
            total: $at,
            counts: [$cheapest => $bulk],
            unit: $unit,
            need: $need,
        );
    }

    /**
     * For each total that packs make: the least price, the fewest tins at that price, the last pack put to it.
     *
     * @param list<Pack> $packs
     * @param list<int> $sizes
     *
     * @return array{array<int, int>, array<int, int>, array<int, int>}
     */
    private static function totals(int $most, array $packs, array $sizes): array
    {
        $price = [0 => 0];
        $tins = [0 => 0];
        $last = [];
        for ($total = 0; $total <= $most; ++$total) {
            if (!isset($price[$total])) {
                continue;
            }
            foreach ($sizes as $number => $size) {
                $next = $total + $size;
                if ($next > $most) {
                    continue;
                }
                $cost = $price[$total] + $packs[$number]->price->minor;
                if (!isset($price[$next]) || [$cost, $tins[$total] + 1] < [$price[$next], $tins[$next]]) {
                    [$price[$next], $tins[$next], $last[$next]] = [$cost, $tins[$total] + 1, $number];
                }
            }
        }

        return [$price, $tins, $last];
    }

    /**
     * @param list<Pack> $packs
     * @param list<int> $sizes
     * @param array<int, int> $last
     * @param array<int, int> $counts packs taken beforehand, by number
     */
    private static function purchase(
        array $packs,
        array $sizes,
        array $last,
        int $total,
        array $counts,
        int $unit,
        Quantity $need,
    ): Purchase {
        $counts = array_filter($counts, static fn(int $n): bool => $n > 0);
        $price = 0;
        foreach ($counts as $number => $count) {
            $price += $count * $packs[$number]->price->minor;
        }
        $whole =
            $total +
            array_sum(
                array_map(
                    static fn(int $number, int $count): int => $sizes[$number] * $count,
                    array_keys($counts),
                    $counts,
                ),
            );
        for ($left = $total; $left > 0; $left -= $sizes[$last[$left]]) {
            $counts[$last[$left]] = ($counts[$last[$left]] ?? 0) + 1;
            $price += $packs[$last[$left]]->price->minor;
        }
        $bought = [];
        foreach ($counts as $number => $count) {
            $bought[] = [$packs[$number], $count];
        }
        usort($bought, static fn(array $a, array $b): int => $b[0]->size->value() <=> $a[0]->size->value());
        $amount = ($whole * $unit) / self::grains($need);

        return new Purchase(
            $bought,
            $need::ofRecord($amount),
            $need::ofRecord(max(0.0, $amount - $need->value())),
            Money::minor($price),
            array_sum($counts),
        );
    }

    private static function grains(Quantity $need): int
    {
        return $need instanceof Count ? 1 : self::GRAINS;
    }

    private static function divisor(int $a, int $b): int
    {
        return 0 === $b ? $a : self::divisor($b, $a % $b);
    }
}
