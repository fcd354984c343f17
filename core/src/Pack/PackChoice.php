<?php

declare(strict_types=1);

namespace Hull\Pack;

use Hull\Quantity\Count;
use Hull\Quantity\Money;
use Hull\Quantity\Quantity;

/**
 * The cheapest packs that cover a need, exactly: every total that packs can make is looked at (calculations 3).
 *
 * What is left over counts at the best price per litre when it keeps, else at nothing. Ties: less left over, then fewer tins.
 */
final class PackChoice
{
    /** Sizes are taken in whole millilitres, grams or thousandths of a metre; pieces are whole. */
    private const GRAINS = 1000;

    /**
     * @param non-empty-list<Pack> $packs  every size above 0, all of the measure of the need
     * @param Quantity|null        $useful how much of a leftover that keeps is of use to anything; null for all of it
     */
    public static function cheapest(Quantity $need, array $packs, bool $leftoverKeeps, ?Quantity $useful = null): Purchase
    {
        $wanted = (int) ceil($need->si() * self::grains($need) - 1e-6);
        $sizes = array_map(static fn (Pack $p): int => max(1, (int) round($p->size->si() * self::grains($need))), $packs);
        $unit = array_reduce($sizes, self::divisor(...), 0);
        $sizes = array_map(static fn (int $s): int => intdiv($s, $unit), $sizes);
        $least = (int) ceil($wanted / $unit);
        $worth = $leftoverKeeps ? min(array_map(static fn (Pack $p, int $s): float => $p->price->minor / $s, $packs, $sizes)) : 0.0;
        [$price, $tins, $last] = self::totals($least + max($sizes), $packs, $sizes);
        $most = null === $useful ? \INF : $useful->si() * self::grains($need) / $unit;
        $best = null;
        $at = 0;
        foreach ($price as $total => $cost) {
            if ($total < $least) {
                continue;
            }
            $over = $total - $wanted / $unit;
            $rank = [round($cost - $worth * min($over, $most), 6), $total, $tins[$total]];
            if (null === $best || $rank < $best) {
                [$best, $at] = [$rank, $total];
            }
        }

        return self::purchase($packs, $sizes, $last, $at, $unit, $need);
    }

    /**
     * For each total that packs make: the least price, the fewest tins at that price, the last pack put to it.
     *
     * @param list<Pack> $packs
     * @param list<int>  $sizes
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
     * @param list<Pack>      $packs
     * @param list<int>       $sizes
     * @param array<int, int> $last
     */
    private static function purchase(array $packs, array $sizes, array $last, int $total, int $unit, Quantity $need): Purchase
    {
        $counts = [];
        $price = 0;
        for ($left = $total; $left > 0; $left -= $sizes[$last[$left]]) {
            $counts[$last[$left]] = ($counts[$last[$left]] ?? 0) + 1;
            $price += $packs[$last[$left]]->price->minor;
        }
        $bought = [];
        foreach ($counts as $number => $count) {
            $bought[] = [$packs[$number], $count];
        }
        usort($bought, static fn (array $a, array $b): int => $b[0]->size->si() <=> $a[0]->size->si());
        $amount = $total * $unit / self::grains($need);

        return new Purchase($bought, $need::ofSi($amount), $need::ofSi(max(0.0, $amount - $need->si())), Money::minor($price), array_sum($counts));
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
