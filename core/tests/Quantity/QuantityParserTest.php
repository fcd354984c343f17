<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Dimension;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\QuantityParser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityParserTest extends TestCase
{
    /** @return iterable<string, array{string, Dimension, float}> */
    public static function understood(): iterable
    {
        yield 'quarts' => ['2 qt', Dimension::Volume, 1.892706];
        yield 'gallons' => ['1.5 gal', Dimension::Volume, 5.678118];
        yield 'no space' => ['1.5gal', Dimension::Volume, 5.678118];
        yield 'feet and inches' => ['12 ft 4 in', Dimension::Length, 3.7592];
        yield 'feet and inch marks' => ['12\' 4"', Dimension::Length, 3.7592];
        yield 'fraction' => ['1 1/2 in', Dimension::Length, 0.0381];
        yield 'mils' => ['5 mil', Dimension::FilmThickness, 127.0];
        yield 'fahrenheit' => ['70 F', Dimension::Temperature, 21.1111111];
        yield 'below zero' => ['-5 °C', Dimension::Temperature, -5.0];
        yield 'below zero fahrenheit' => ['-4 F', Dimension::Temperature, -20.0];
        yield 'kelvin' => ['273.15 K', Dimension::Temperature, 0.0];
        yield 'millilitres' => ['400 ml', Dimension::Volume, 0.4];
        yield 'fluid ounces' => ['8 fl oz', Dimension::Volume, 0.236588];
        yield 'square feet' => ['3 sq ft', Dimension::Area, 0.27870912];
        yield 'hours and minutes' => ['1 h 30 min', Dimension::Duration, 1.5];
        yield 'spreading rate' => ['340 ft2/gal', Dimension::SpreadingRate, 8.344411];
        yield 'humidity' => ['65 %', Dimension::RelativeHumidity, 0.65];
        yield 'count' => ['12', Dimension::Count, 12.0];
        yield 'upper case unit' => ['40 MM', Dimension::Length, 0.04];
    }

    #[DataProvider('understood')]
    public function testReadsWhatPeopleType(string $text, Dimension $dimension, float $value): void
    {
        self::assertEqualsWithDelta($value, QuantityParser::parse($text, $dimension), 1e-6);
    }

    /** @return iterable<string, array{string, Dimension, string}> */
    public static function refused(): iterable
    {
        yield 'wrong kind' => ['5 gal', Dimension::Length, '"gal" is not a unit of length'];
        yield 'no unit' => ['5', Dimension::Length, 'has no unit'];
        yield 'words' => ['long', Dimension::Length, 'is not a length'];
        yield 'comma' => ['1,500 m', Dimension::Length, 'may be 1500 or 1.500'];
        yield 'nothing' => ['  ', Dimension::Length, 'Nothing'];
        yield 'rest' => ['5 m xx', Dimension::Length, 'is not a length'];
        yield 'exponent' => ['1e5 m', Dimension::Length, 'is not a unit'];
        yield 'two readings' => ['20 C 5 C', Dimension::Temperature, 'two readings'];
        yield 'second term negative' => ['2 ft -3 in', Dimension::Length, 'is not a length'];
        yield 'nothing over nothing' => ['1/0 in', Dimension::Length, 'divides by zero'];
        yield 'internal name' => ['5 ratio', Dimension::Percentage, 'is not a unit'];
    }

    #[DataProvider('refused')]
    public function testRefusesTheRestAndSaysWhatItTakes(string $text, Dimension $dimension, string $message): void
    {
        try {
            QuantityParser::parse($text, $dimension);
        } catch (InvalidQuantity $e) {
            self::assertStringContainsString($message, $e->getMessage());
            self::assertNotSame('', $e->accepted);

            return;
        }
        self::fail('It was read.');
    }

    public function testEveryUnitReadsBackWhatItWrites(): void
    {
        foreach (Dimension::cases() as $dimension) {
            foreach ($dimension->units() as $unit) {
                if ('ratio' === $unit->symbol() || '' === $unit->symbol()) {
                    continue;
                }
                $value = 3.25;
                self::assertEqualsWithDelta(
                    $value,
                    $unit->fromRecord(QuantityParser::parse($value . ' ' . $unit->symbol(), $dimension)),
                    1e-9,
                    $dimension->value . ' in ' . $unit->symbol(),
                );
            }
        }
    }
}
