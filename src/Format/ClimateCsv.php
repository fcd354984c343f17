<?php

declare(strict_types=1);

namespace App\Format;

use Hull\Climate\Air;
use Hull\Climate\Forecast;
use Hull\Climate\PlaceAir;
use Hull\Climate\Weather;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\Moments;
use Hull\Quantity\Instant;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Irradiance;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;

/** Weather and readings as tables, see docs/formats/climate.md. */
final class ClimateCsv
{
    public const COLUMNS = ['at', 'temperature', 'humidity', 'wind', 'rain', 'sun'];
    private const MOST_HOURS = 24 * 60;

    /** A line an hour; hours that are left out are as the one before. */
    public static function forecast(string $text, string $source): Forecast
    {
        $lines = [];
        foreach (Csv::read($text, self::COLUMNS, ['at', 'temperature', 'humidity']) as $row) {
            try {
                $hour = (int) floor(Instant::hour(Moments::instant($row->field('at'))));
                $lines[$hour] = Weather::of(
                    self::air($row),
                    $row->optional('wind')?->quantity(Speed::class),
                    self::rain($row->optional('rain')),
                    self::sun($row->optional('sun')),
                );
            } catch (InvalidInput $e) {
                throw Csv::refusal($e);
            }
        }
        ksort($lines);
        $from = array_key_first($lines);
        $to = array_key_last($lines);
        if (null === $from || $to - $from > self::MOST_HOURS) {
            throw new InvalidInput('/text', 'That is no forecast.', 'at least one hour and at most 60 days');
        }
        $hours = [];
        $last = $lines[$from];
        for ($hour = $from; $hour <= $to; ++$hour) {
            $hours[] = $last = $lines[$hour] ?? $last;
        }

        return Forecast::of($from, $hours, $source);
    }

    /**
     * @return list<array{float, Air}> hour since 1970 UTC and air
     */
    public static function readings(string $text): array
    {
        $readings = [];
        foreach (Csv::read($text, ['at', 'temperature', 'humidity'], ['at', 'temperature', 'humidity']) as $row) {
            try {
                $readings[] = [Instant::hour(Moments::instant($row->field('at'))), self::air($row)];
            } catch (InvalidInput $e) {
                throw Csv::refusal($e);
            }
        }

        return $readings;
    }

    /** The hours of one place as they are reckoned with. */
    public static function write(PlaceAir $place): string
    {
        $rows = [];
        foreach ($place->celsius as $at => $c) {
            $rows[] = [
                Instant::written($place->from + $at),
                sprintf('%.1f C', $c),
                sprintf('%.0f %%', 100.0 * $place->humidity[$at]),
                sprintf('%.1f m/s', $place->wind[$at]),
                sprintf('%.1f', $place->rain[$at]),
                sprintf('%.0f W/m2', $place->sun[$at]),
            ];
        }

        return Csv::write(self::COLUMNS, $rows);
    }

    private static function air(Node $row): Air
    {
        try {
            return Air::of(
                $row->field('temperature')->quantity(Temperature::class),
                $row->field('humidity')->quantity(RelativeHumidity::class),
            );
        } catch (InvalidQuantity $e) {
            throw $row->field('temperature')->refuse($e->getMessage(), $e->accepted);
        }
    }

    private static function rain(?Node $cell): float
    {
        $text = null === $cell ? '0' : trim(str_replace('mm', '', $cell->text(20)));
        if (null !== $cell && (!is_numeric($text) || (float) $text < 0.0 || (float) $text > 300.0)) {
            throw $cell->refuse(sprintf('"%s" is no rain.', $cell->text(20)), 'mm in the hour, 0 to 300');
        }

        return (float) $text;
    }

    private static function sun(?Node $cell): ?Irradiance
    {
        $sun = $cell?->quantity(Irradiance::class);
        if (null !== $cell && null !== $sun && $sun->wPerM2() > Weather::MOST_SUN) {
            throw $cell->refuse('So much sun there is nowhere.', '0 to 1400 W/m2');
        }

        return $sun;
    }
}
