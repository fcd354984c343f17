<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Temperature;

/**
 * Hours to one event by temperature, as a product sheet gives them.
 *
 * Between rows ln(hours) is linear in 1/T(K). Below the coldest row it is carried on for 5 C, marked; colder, nothing
 * cures. Above the hottest row it goes on at least as fast: held there, or carried on by the slope where being late
 * would harm (a window that closes), so that heat never opens a window later or closes it later. One row doubles per
 * 10 C (an estimate).
 */
final readonly class CureRows
{
    public const REACH_C = 5.0;
    private const DOUBLES_PER_C = 10.0;

    /** @var list<float> ln(hours) of each row */
    private array $logs;

    /**
     * @param non-empty-list<array{float, float}> $rows (kelvin, hours) ascending in temperature
     * @param bool $carries goes on by the slope above the hottest row; else held
     */
    private function __construct(private array $rows, private bool $carries)
    {
        $this->logs = array_map(static fn(array $row): float => log($row[1]), $rows);
    }

    /**
     * @param array<int|float|string, float|int> $hoursByCelsius at least one row; hours above zero that do not grow
     *                                                           with the temperature
     * @param bool $carries goes on by the slope above the hottest row; else held
     */
    public static function of(array $hoursByCelsius, bool $carries = false): self
    {
        $rows = [];
        uksort($hoursByCelsius, static fn(int|float|string $a, int|float|string $b): int => (float) $a <=> (float) $b);
        foreach ($hoursByCelsius as $celsius => $hours) {
            if (!is_numeric($celsius)) {
                throw new InvalidQuantity(sprintf('"%s" is no temperature.', $celsius), 'degrees Celsius such as 20');
            }
            if ($hours <= 0) {
                throw new InvalidQuantity(sprintf('%g h at %s C is not a time.', $hours, $celsius), 'hours above zero');
            }
            $kelvin = Temperature::celsius((float) $celsius)->kelvin();
            [$before, $longer] = $rows[count($rows) - 1] ?? [-\INF, \INF];
            if ($kelvin - $before < 1e-6) {
                throw new InvalidQuantity(sprintf('%s C stands twice.', $celsius), 'one row for each temperature');
            }
            if ($hours > $longer) {
                throw new InvalidQuantity(
                    sprintf('%g h at %s C is longer than %g h when colder.', $hours, $celsius, $longer),
                    'hours that do not grow with the temperature',
                );
            }
            $rows[] = [$kelvin, (float) $hours];
        }
        if ([] === $rows) {
            throw new InvalidQuantity(
                'A sheet without rows says nothing.',
                'at least one row of temperature and hours',
            );
        }

        return new self($rows, $carries);
    }

    /** Null where the film does not cure, or the sheet is too far away to say. */
    public function hoursAt(Temperature $at): ?Duration
    {
        $hours = $this->hours($at->kelvin());

        return null === $hours ? null : Duration::hours($hours);
    }

    /** How much of the event an hour brings at so many degrees C; 0 where the film does not cure. */
    public function perHour(float $celsius): float
    {
        $hours = $this->hours($celsius + 273.15);

        return null === $hours ? 0.0 : 1.0 / $hours;
    }

    private function hours(float $k): ?float
    {
        $last = count($this->rows) - 1;
        if ($k < $this->rows[0][0] - self::REACH_C - 1e-9) {
            return null;
        }
        if ($k > $this->rows[$last][0] && !$this->carries) {
            return $this->rows[$last][1];
        }
        if (0 === $last) {
            return $this->rows[0][1] * 2.0 ** (($this->rows[0][0] - $k) / self::DOUBLES_PER_C);
        }
        $i = 0;
        while ($i < $last - 1 && $k > $this->rows[$i + 1][0]) {
            ++$i;
        }
        $k0 = $this->rows[$i][0];
        $share = (1 / $k - 1 / $k0) / (1 / $this->rows[$i + 1][0] - 1 / $k0);

        return exp($this->logs[$i] + $share * ($this->logs[$i + 1] - $this->logs[$i]));
    }

    /** They are of a window that closes. */
    public function closes(): bool
    {
        return $this->carries;
    }

    public function isOutsideRows(Temperature $at): bool
    {
        return $at->kelvin() < $this->rows[0][0] - 1e-9 ||
            $at->kelvin() > $this->rows[count($this->rows) - 1][0] + 1e-9;
    }

    /** The same film asked for a share of these hours. */
    public function times(float $share): self
    {
        return new self(
            array_map(static fn(array $row): array => [$row[0], $row[1] * $share], $this->rows),
            $this->carries,
        );
    }

    /** These hours, or another's where those are longer: at the temperature of the other's coldest row. */
    public function orLater(self $other): self
    {
        $mine = $this->hours($other->rows[0][0]);

        return null !== $mine && $mine < $other->rows[0][1] ? $other : $this;
    }

    /** @return list<CureRow> as the sheet gives them */
    public function rows(): array
    {
        return array_map(
            static fn(array $row): CureRow => new CureRow(round($row[0] - 273.15, 6), $row[1]),
            $this->rows,
        );
    }
}
