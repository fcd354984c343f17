<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * A sentence of ours in the reader's units. Sentences are written in metric ("a film needs 3 C", "22 m2 of wall");
 * what they measure is found again and said in the other system, differences of temperature as differences.
 */
final class Sentence
{
    private const NUMBER = '(?<![\w.,\-])(-?\d+(?:[.,]\d+)?)';

    /** @var array<string, class-string<Quantity>> by unit, longer ones first */
    private const UNITS = [
        'm²' => Area::class,
        'm2' => Area::class,
        'cm²' => Area::class,
        'cm2' => Area::class,
        'µm' => FilmThickness::class,
        'um' => FilmThickness::class,
        'mm' => Length::class,
        'cm' => Length::class,
        'm' => Length::class,
        'mL' => Volume::class,
        'ml' => Volume::class,
        'L' => Volume::class,
        'kg' => Mass::class,
        'g' => Mass::class,
    ];

    public static function in(string $text, UnitSystem $units): string
    {
        if (1 !== preg_match('/\d/', $text)) {
            return $text;
        }
        $degree = '\s?°?C(?![\w²³\/])';
        $text = (string) preg_replace_callback(
            '/' . self::NUMBER . ' to (-?\d+(?:[.,]\d+)?)' . $degree . '/u',
            static fn(array $m): string => UnitSystem::Metric === $units
                ? "$m[1] to $m[2] °C"
                : self::bare($m[1], $units) . ' to ' . self::temperature($m[2], $units),
            $text,
        );
        $text = (string) preg_replace_callback(
            '/(needs |within |by |least )' . self::NUMBER . $degree . '/u',
            static fn(array $m): string => $m[1] . self::difference($m[2], $units),
            $text,
        );
        $text = (string) preg_replace_callback(
            '/' . self::NUMBER . $degree . '(?= (?:above|below|colder|warmer|over|under|apart|of)\b)/u',
            static fn(array $m): string => self::difference($m[1], $units),
            $text,
        );
        $text = (string) preg_replace_callback(
            '/' . self::NUMBER . $degree . '/u',
            static fn(array $m): string => self::temperature($m[1], $units),
            $text,
        );

        return UnitSystem::Metric === $units ? $text : self::other($text);
    }

    private static function other(string $text): string
    {
        $units = implode('|', array_map(static fn(string $u): string => preg_quote($u, '/'), array_keys(self::UNITS)));
        $range = '/' . self::NUMBER . ' to (-?\d+(?:[.,]\d+)?) ?(' . $units . ')(?![\w²³\/])/u';
        $text = (string) preg_replace_callback(
            $range,
            static fn(array $m): string => self::said($m[1], $m[3]) . ' to ' . self::said($m[2], $m[3]),
            $text,
        );

        return (string) preg_replace_callback(
            '/' . self::NUMBER . ' ?(' . $units . ')(?![\w²³\/])/u',
            static fn(array $m): string => self::said($m[1], $m[2]),
            $text,
        );
    }

    private static function said(string $number, string $unit): string
    {
        return self::UNITS[$unit]::parse($number . ' ' . ('µm' === $unit ? 'um' : $unit))->format(UnitSystem::Us);
    }

    private static function temperature(string $number, UnitSystem $units): string
    {
        return UnitSystem::Metric === $units
            ? $number . ' °C'
            : Temperature::celsius(self::number($number))->format($units);
    }

    private static function difference(string $number, UnitSystem $units): string
    {
        return TemperatureDifference::celsius(self::number($number))->format($units);
    }

    private static function bare(string $number, UnitSystem $units): string
    {
        return (string) preg_replace('/\s?°F$/', '', self::temperature($number, $units));
    }

    private static function number(string $text): float
    {
        return (float) str_replace(',', '.', $text);
    }
}
