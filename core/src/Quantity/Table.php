<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** Figures of the trade: by name, or by a number between which they are read in a straight line. */
final readonly class Table
{
    /**
     * @param non-empty-array<int|string, TableRow> $rows by their id, or by the number in its unit of record, ascending
     * @param string $source typical, sheet, measured, own figure, estimate
     */
    public function __construct(public string $id, public string $name, public string $source, public array $rows) {}

    /** @return non-empty-list<string> */
    public function ids(): array
    {
        return array_values(array_map(static fn(TableRow $r): string => $r->id, $this->rows));
    }

    /**
     * @template T of Quantity
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function at(string $id, string $class): Quantity
    {
        $row = $this->rows[$id] ?? throw new \LogicException(sprintf('No row %s in %s.', $id, $this->id));

        return $row->figure instanceof $class
            ? $row->figure
            : throw new \LogicException(sprintf('%s holds no %s.', $this->id, $class));
    }

    /**
     * @template T of Quantity
     *
     * @param Quantity $where of what the rows stand at
     * @param class-string<T> $class
     *
     * @return T
     */
    public function between(Quantity $where, string $class): Quantity
    {
        return $class::ofRecord(Interpolation::held($this->figures(), $where->value()));
    }

    /** @return non-empty-array<int|string, float> by row, in the unit of record */
    public function figures(): array
    {
        return array_map(static fn(TableRow $r): float => $r->figure->value(), $this->rows);
    }

    /** The lowest number that a row stands at, in the unit of record. */
    public function start(): float
    {
        return (float) array_key_first($this->rows);
    }

    /** The highest number that a row stands at, in the unit of record. */
    public function end(): float
    {
        return (float) array_key_last($this->rows);
    }

    /** "open 3 h, seams 12 h", as formulas show what they stand on. */
    public function words(): string
    {
        return implode(
            ', ',
            array_map(
                static fn(TableRow $r): string => $r->id . ' ' . $r->figure->format(UnitSystem::Metric),
                $this->rows,
            ),
        );
    }
}
