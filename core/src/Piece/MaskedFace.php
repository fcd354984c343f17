<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Job\Shape;
use Hull\Quantity\Count;
use Hull\Quantity\Length;

/**
 * A shape laid out flat with what is covered on it, all to one scale: so wide and so long as it was measured. Where on
 * it a thing lies nobody measured; they stand in rows, lines between colours below.
 */
final readonly class MaskedFace
{
    /** A fine line as it is seen, metres. */
    private const LINE = 0.006;
    /** Between two things, as a share of the face's narrower side. */
    private const GAP = 0.06;
    /** More of one sort than this are not told apart in a drawing. */
    private const MOST = 24;

    /**
     * @param float $long metres, to the right
     * @param float $high metres, down; all that is drawn fits in
     * @param list<MaskedSpot> $spots
     * @param bool $crowded they do not fit beside each other on what the face is
     */
    private function __construct(
        public string $name,
        public float $long,
        public float $high,
        public array $spots,
        public bool $crowded,
    ) {}

    /**
     * Every shape that something lies on; what nobody said a shape for lies on the first.
     *
     * @param list<Shape> $shapes
     *
     * @return list<self>
     */
    public static function all(array $shapes, MaskingPlan $plan): array
    {
        $names = array_map(static fn(Shape $s): string => $s->name, $shapes);
        $on = [];
        foreach ($plan->lines as $n => $line) {
            if (null !== $line->covered) {
                $on[(int) array_search($line->covered->on, $names, true)][$n + 1] = $line;
            }
        }
        ksort($on);
        $faces = [];
        foreach ([] === $shapes ? [] : $on as $shape => $lines) {
            $faces[] = self::of($shapes[$shape], $lines);
        }

        return $faces;
    }

    /** @param array<int, MaskingLine> $lines that lie on it, by number */
    private static function of(Shape $shape, array $lines): self
    {
        $area = max(1e-6, ($shape->area()->m2() + $shape->notCoated()->m2()) / self::count($shape));
        $long = self::length($shape) ?? sqrt($area * 1.6);
        $high = $area / $long;
        [$long, $high] = $long < $high ? [$high, $long] : [$long, $high];
        $gap = self::GAP * $high;
        $rows = self::rows(self::inOrder($lines), $long, $gap);
        $tall = array_sum(array_map(self::tallest(...), $rows));
        $between = max($gap, ($high - $tall) / (count($rows) + 1));
        $spots = [];
        $y = $between;
        foreach ($rows as $row) {
            $apart = ($long - array_sum(array_column($row, 2))) / (count($row) + 1);
            $x = $apart;
            foreach ($row as [$number, $by, $wide, $deep]) {
                $spots[] = new MaskedSpot($number, $by, $x, $y + (self::tallest($row) - $deep) / 2.0, $wide, $deep);
                $x += $wide + $apart;
            }
            $y += self::tallest($row) + $between;
        }

        return new self($shape->name, $long, max($high, $y), $spots, $y > $high * 1.0001);
    }

    /**
     * @param list<array{int, string, float, float}> $all
     *
     * @return list<non-empty-list<array{int, string, float, float}>> as many as lie beside each other
     */
    private static function rows(array $all, float $long, float $gap): array
    {
        $rows = $row = [];
        $used = $gap;
        foreach ($all as [$number, $by, $wide, $deep]) {
            $wide = min($wide, $long - 2.0 * $gap);
            if ([] !== $row && $used + $wide + $gap > $long) {
                $rows[] = $row;
                [$row, $used] = [[], $gap];
            }
            $row[] = [$number, $by, $wide, $deep];
            $used += $wide + $gap;
        }

        return [] === $row ? $rows : [...$rows, $row];
    }

    /** @param non-empty-list<array{int, string, float, float}> $row */
    private static function tallest(array $row): float
    {
        return max(array_column($row, 3));
    }

    /**
     * @param array<int, MaskingLine> $lines
     *
     * @return list<array{int, string, float, float}> number, by, width and height of each single one; the tallest
     *                                                first, lines last
     */
    private static function inOrder(array $lines): array
    {
        $all = [];
        foreach ($lines as $number => $line) {
            $across = $line->covered?->across?->m() ?? self::LINE;
            $along = $line->covered?->along?->m() ?? $across;
            for ($n = min($line->count, self::MOST); $n > 0; --$n) {
                $all[] = [$number, $line->by, max($across, $along), min($across, $along)];
            }
        }
        usort(
            $all,
            static fn(array $a, array $b): int => ['line' === $a[1], $b[3], $a[0]] <=> ['line' === $b[1], $a[3], $b[0]],
        );

        return $all;
    }

    /** Its longest measure; null where it has no length by name. */
    private static function length(Shape $shape): ?float
    {
        $metres = [];
        foreach (['length', 'loa', 'lwl', 'diameter'] as $name) {
            $metres[] = $shape->inputs->maybe($name, Length::class)?->m() ?? 0.0;
        }

        return max($metres) > 0.0 ? max($metres) : null;
    }

    /** How many alike shapes were measured as one. */
    private static function count(Shape $shape): float
    {
        return max(1.0, $shape->inputs->maybe('count', Count::class)?->value() ?? 1.0);
    }
}
