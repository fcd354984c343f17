<?php

declare(strict_types=1);

namespace Hull\Tests\Quantity;

use Hull\Quantity\Dimension;
use Hull\Quantity\Gallon;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\MixRatio;
use Hull\Quantity\QuantityParser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Quantities as people type them: read right, or refused with what is accepted. */
final class SpellingsTest extends TestCase
{
    /** Dimension => value in its unit of record => spellings. */
    private const READ = [
        'length' => [
            '1' => [
                '1 m',
                '1m',
                '1.0 m',
                '1 metre',
                '1 meter',
                '1000 mm',
                '1000mm',
                '1 000 mm',
                '100 cm',
                '10 dm',
                '+1 m',
                '1 M',
                '1,0 m',
                '0,001 km',
                '1.000,0 mm',
                '1,000.0 mm',
                '1000 millimetres',
                '100 centimeters',
                '1 m.',
                '1. m',
            ],
            '0.04' => [
                '40 mm',
                '40mm',
                '40 MM',
                '4 cm',
                '4cm',
                '4.0 cm',
                '.04 m',
                '0,04 m',
                '40 mm.',
                '40 millimetre',
                '40.00 mm',
            ],
            '0.0254' => [
                '1 in',
                '1in',
                '1 inch',
                '1"',
                '1 "',
                '1”',
                '1″',
                "1''",
                '1 in.',
                '1 ins',
                '1 INCH',
                '1000 thou',
                '1000 mil',
                '25.4 mm',
                '25,4 mm',
                '1/12 ft',
            ],
            '0.0127' => [
                '1/2 in',
                '½ in',
                '½"',
                '½”',
                '0.5 in',
                '.5 in',
                '0,5 in',
                '1/2"',
                '1⁄2 in',
                '500 thou',
                '12.7 mm',
            ],
            '0.009525' => ['3/8 in', '⅜ in', '⅜"', '3/8"', '0.375 in'],
            '0.01905' => ['3/4 in', '¾ in', '¾″'],
            '0.0381' => [
                '1 1/2 in',
                '1½ in',
                '1 ½ in',
                '1½"',
                '1.5 in',
                '1,5 in',
                '1 1/2"',
                "1\u{202F}½ in",
                '38.1 mm',
            ],
            '3.7592' => [
                '12 ft 4 in',
                '12ft 4in',
                '12ft4in',
                "12' 4\"",
                "12'4\"",
                '12’ 4”',
                '12′ 4″',
                "12' 4",
                '12 feet 4 inches',
                '12 foot 4 inch',
                '12 ft. 4 in.',
                '148 in',
                '12 ft 4',
                "12\u{00A0}ft\u{00A0}4\u{00A0}in",
                '12 1/3 ft',
                '12⅓ ft',
            ],
            '0.9144' => ['1 yd', '1 yard', '3 ft', "3'", '3’', '36"', '3 feet', '1 yds'],
            '1234.5' => ['1234.5 m', '1,234.5 m', '1.234,5 m', "1\u{202F}234.5 m", "1\u{00A0}234,5 m", '1234,5 m'],
            '1.2345' => ['1.2345 m', '1,2345 m'],
            '0.125' => ['0,125 m', '0.125 m', '125 mm', '12.5 cm', '12,5 cm'],
        ],
        'area' => [
            '2' => [
                '2 m2',
                '2 m²',
                '2m2',
                '2 sq m',
                '2 sqm',
                '2 m^2',
                '2 square metres',
                '2 square meters',
                '2 sq. m',
                '2 m sq',
                '1 m x 2 m',
                '2 x 1 m',
                '1 m × 2 m',
                '2 m by 1 m',
                '20000 cm2',
                '2 000 000 mm²',
                '200 dm2',
                '2 M2',
                "2\u{00A0}m²",
            ],
            '0.09290304' => [
                '1 ft2',
                '1 ft²',
                '1 sq ft',
                '1 sqft',
                '1 square foot',
                '1 ft^2',
                '1 sq. ft.',
                '144 in2',
                '144 sq in',
                '12 in x 12 in',
                '1 x 1 ft',
                "1' x 1'",
                '12" x 12"',
                '12 x 12"',
            ],
            '2.97289728' => [
                '4 x 8 ft',
                '4 ft x 8 ft',
                "4' x 8'",
                '4 by 8 ft',
                '4×8 ft',
                '32 sq ft',
                '32 ft²',
                '48 in x 96 in',
            ],
            '0.83612736' => ['1 sq yd', '1 yd2', '1 yd²', '1 square yard', '9 sq ft', '1 yd x 1 yd'],
            '0.5' => ['½ m2', '1/2 m²', '0,5 m²', '500 mm x 1 m', '0.5 m x 1 m', '50 cm x 100 cm'],
        ],
        'volume' => [
            '1' => [
                '1 L',
                '1 l',
                '1L',
                '1 litre',
                '1 liter',
                '1 ltr',
                '1000 mL',
                '1000 ml',
                '1000mls',
                '100 cL',
                '10 dl',
                '1000 cc',
                '1000 cm3',
                '1000 cm³',
                '0.001 m3',
                '1 LITRE',
                '1,0 l',
                '1000 millilitres',
            ],
            '3.785412' => [
                '1 gal',
                '1 gallon',
                '1 US gal',
                '1 gal US',
                '4 qt',
                '8 pt',
                '1 US gallon',
                '4 quarts',
                '8 pints',
                '1 gal.',
                '1 GAL',
            ],
            '4.54609' => [
                '1 imp gal',
                '1 imperial gallon',
                '1 UK gal',
                '1 gal imp',
                '4 imp qt',
                '8 imp pt',
                '8 UK pints',
                '160 imp fl oz',
            ],
            '0.0295735' => ['1 fl oz', '1 floz', '1 fl. oz', '1 fluid ounce', '1 US fl oz'],
            '0.4' => ['400 ml', '400ml', '0.4 L', '0,4 l', '.4 L', '40 cl', "400\u{2009}mL"],
            '1.892706' => ['2 qt', '½ gal', '1/2 gal', '0.5 gal', '2 quarts', '4 pt'],
            '2.8316847' => ['0.1 ft3', '0.1 cu ft'],
        ],
        'mass' => [
            '0.25' => [
                '250 g',
                '250g',
                '250 grams',
                '250 gr',
                '250 gm',
                '0.25 kg',
                '0,25 kg',
                '1/4 kg',
                '¼ kg',
                '250 G',
                '250 gramme',
                '250000 mg',
            ],
            '1.5' => [
                '1.5 kg',
                '1½ kg',
                '1 1/2 kg',
                '1,5 kg',
                '1500 g',
                '1.5 kilos',
                '1.5 kilograms',
                '0.0015 t',
                '1.5 KG',
            ],
            '0.45359237' => ['1 lb', '1 lbs', '1 pound', '16 oz', '16 ounces', '1lb', '1 lb.', '0 lb 16 oz'],
            '1.04893235' => ['2 lb 5 oz', '2lb 5oz', '2 lbs 5 ounces', '2 lb 5', '2 pounds 5 oz', '37 oz'],
        ],
        'density' => [
            '1.4' => [
                '1.4 kg/L',
                '1.4 kg/l',
                '1.4 g/cm³',
                '1.4 g/cm3',
                '1.4 g/cc',
                '1.4 g/mL',
                'SG 1.4',
                '1.4 SG',
                'sg 1.4',
                'SG: 1.4',
                '1400 kg/m3',
                '1400 g/L',
                '1.4 kg/dm3',
                '1,4 kg/l',
                '1.4 kg per litre',
                '1.4 kg / L',
                'specific gravity 1.4',
                '1.4 kg/litre',
            ],
            '1.198264' => ['10 lb/gal', '10 lbs/gal', '10 lbs per gallon', '10 lb/US gal', '10 lb / gal', '10 ppg'],
            '0.0998' => ['0.09980 kg/L', '99.8 g/l'],
        ],
        'temperature' => [
            '21.1111111' => [
                '70 F',
                '70F',
                '70 °F',
                '70°F',
                '70 deg F',
                '70 degF',
                '70 degrees F',
                '70 fahrenheit',
                '70 ℉',
                '70 º F',
                '70.0 F',
            ],
            '18' => [
                '18 C',
                '18C',
                '18 °C',
                '18°C',
                '18 ℃',
                '18 º C',
                '18ºC',
                '18 degrees C',
                '18 deg C',
                '18 celsius',
                '18 centigrade',
                '291.15 K',
                '+18 C',
                '18,0 C',
                '18 °c',
            ],
            '-5' => ['-5 C', '−5 °C', '– 5 C', '-5,0 C', '23 F', "\u{2212}5\u{202F}°C"],
            '-40' => ['-40 C', '-40 F', '−40 °F'],
        ],
        'relative humidity' => [
            '0.65' => [
                '65 %',
                '65%',
                '65 % RH',
                '65%RH',
                '65 %rh',
                '65 RH',
                '65 percent',
                '65 per cent',
                '65 pct',
                '65.0 %',
                '65,0 %',
                "65\u{202F}%",
            ],
        ],
        'percentage' => [
            '0.3' => ['30 %', '30%', '30 percent', '30 per cent', '30 pct', '30,0 %'],
            '0.125' => ['12.5 %', '12½ %', '12 1/2 %', '12,5 %'],
        ],
        'duration' => [
            '1.5' => [
                '1 h 30 min',
                '1h30',
                '1 h 30',
                '1:30',
                '90 min',
                '90m',
                '1.5 h',
                '1½ h',
                '1 1/2 hours',
                '1,5 h',
                '1h30m',
                '1 hr 30 mins',
                '5400 s',
                '1 hour 30 minutes',
                '01:30',
                '1:30:00',
                '1.5 hrs',
                '90 minutes',
            ],
            '48' => ['2 d', '2 days', '48 h', '2d', '48:00', '2 day', '1 d 24 h'],
            '0.25' => ['15 min', '¼ h', '0:15', '900 sec', '15 m', '15mins', '0,25 h'],
            '168' => ['1 wk', '1 week', '7 d', '7 days', '1w'],
        ],
        'film thickness' => [
            '127' => [
                '5 mil',
                '5 mils',
                '5 thou',
                '127 um',
                '127 µm',
                '127 μm',
                '127 microns',
                '0.127 mm',
                '0.005 in',
                '0.005"',
                '0,127 mm',
                '127 u',
                '127um',
                '127 micrometres',
                '5mil',
                '.005 in',
            ],
            '60' => ['60 um', '60 µm', '60µm', '60 micron', '0.06 mm', '60 my', '60 MICRONS', '0,06 mm'],
        ],
        'speed' => [
            '10' => [
                '10 m/s',
                '36 km/h',
                '36 kph',
                '36 kmh',
                '10 mps',
                '10 m / s',
                '10 m per s',
                '600 m/min',
                '10 m/sec',
            ],
            '5.144444' => ['10 kn', '10 kt', '10 knots', '10 kts', '10 knot'],
            '4.4704' => ['10 mph', '10 mi/h', '10 miles per hour'],
            '0.508' => ['100 ft/min', '100 fpm', '20 in/s'],
        ],
        'spreading rate' => [
            '8.344411' => [
                '340 ft2/gal',
                '340 ft²/gal',
                '340 sq ft/gal',
                '340 sqft/gal',
                '340 sq ft per gallon',
                '340 sqft per gal',
                '340 ft2 / gal',
                '340 ft²/US gal',
            ],
            '8.3' => ['8.3 m2/L', '8.3 m²/l', '8,3 m²/L', '8.3 sq m/litre', '8.3 m2 per litre', '8.3 sqm/l'],
            '2.4542385' => ['100 sqft/gal', '100 sq ft per gallon', '100 ft2/gal'],
        ],
        'volume per area' => [
            '0.1' => ['0.1 L/m2', '100 mL/m2', '100 ml/m²', '0,1 l/m2', '0.1 L/sq m', '0.1 L per m2', '100 mL/sq m'],
        ],
        'mass per area' => [
            '450' => ['450 g/m2', '450 g/m²', '450 gsm', '0.45 kg/m2', '450 g per m2', '450 g/sq m', '450g/m2'],
            '305.151727' => ['1 oz/ft2', '1 oz/ft²', '1 oz/sq ft', '9 oz/yd2', '9 oz/sq yd'],
        ],
        'area rate' => ['12' => ['12 m2/h', '12 m²/h', '0.2 m2/min', '12 sq m/hour', '12 m2 per hour', '0,2 m²/min']],
        'count' => ['12' => ['12', '12 pcs', '12 pc', '12 x', '12 pieces', '12 off', '12.0']],
        'current' => ['8' => ['8 A', '8A', '8 amps', '8 amp', '8000 mA', '8 amperes']],
        'voltage' => ['12' => ['12 V', '12V', '12 volts', '12 volt']],
        'current density' => ['0.5' => ['0.5 A/dm2', '50 A/m2', '0,5 A/dm²', '5 mA/cm2']],
        'flow' => ['60' => ['60 L/h', '1 L/min', '0.06 m3/h', '60 l/hr', '1 lpm']],
    ];

    private const REFUSED = [
        'length' => [
            '1,500 mm',
            '12,345 m',
            '5',
            '5 gal',
            'long',
            '',
            '   ',
            '1e3 m',
            '٣ m',
            '３ m',
            '१ m',
            '1/0 in',
            '2 ft -3 in',
            '5 m xx',
            '--5 m',
            '5 5',
            '1 m 2 gal',
            'm',
            '0x10 m',
            '1.2.3 m',
            '1,,5 m',
            '½',
            'NaN m',
            'INF m',
            '1 000 0 m',
        ],
        'area' => ['4 x 8', '2 m', '3 L', 'x 2 m', '4 ft x', '1 m x 1 L'],
        'volume' => ['1,500 L', '2', '2 m2', '2 g', 'a gallon', '2 shots'],
        'mass' => ['2', '2 L', '1,000 g'],
        'temperature' => ['70', '70 degrees', 'warm', '20 C 5 C', '70 R'],
        'relative humidity' => ['65', '65 g', 'damp'],
        'duration' => ['1:75', '90', 'soon', '1;30', '1:2', '5 parsec'],
        'film thickness' => ['5', '5 gsm', 'thick'],
        'speed' => ['5', '5 Bft', '5 m'],
        'density' => ['1.4', 'SG', '1.4 kg'],
        'percentage' => ['30', '30 g', 'half'],
        'mass per area' => ['450', '450 g'],
        'spreading rate' => ['8', '8 m2'],
        'count' => ['a few', '2 L'],
    ];

    /** @return iterable<string, array{string, Dimension, float}> */
    public static function spellings(): iterable
    {
        foreach (self::READ as $dimension => $values) {
            foreach ($values as $value => $spellings) {
                foreach ($spellings as $spelling) {
                    yield $dimension . ': ' . $spelling => [$spelling, Dimension::from($dimension), (float) $value];
                }
            }
        }
    }

    #[DataProvider('spellings')]
    public function testIsReadRight(string $spelling, Dimension $dimension, float $value): void
    {
        self::assertEqualsWithDelta($value, QuantityParser::parse($spelling, $dimension), 2e-6 * max(1.0, abs($value)));
    }

    /** @return iterable<string, array{string, Dimension}> */
    public static function refusals(): iterable
    {
        foreach (self::REFUSED as $dimension => $spellings) {
            foreach ($spellings as $spelling) {
                yield $dimension . ': "' . $spelling . '"' => [$spelling, Dimension::from($dimension)];
            }
        }
    }

    #[DataProvider('refusals')]
    public function testIsRefusedWithWhatIsAccepted(string $spelling, Dimension $dimension): void
    {
        try {
            self::fail(sprintf('read as %g', QuantityParser::parse($spelling, $dimension)));
        } catch (InvalidQuantity $e) {
            self::assertNotSame('', $e->accepted);
            self::assertNotSame('', $e->getMessage());
        }
    }

    public function testTheyAreFourHundred(): void
    {
        self::assertGreaterThan(400, count([...self::spellings(), ...self::refusals()]));
    }

    public function testTheYardSaysWhichGallonABareOneIs(): void
    {
        foreach (
            [
                '1 gal' => 4.54609,
                '2 qt' => 2.273045,
                '1 pt' => 0.56826125,
                '1 fl oz' => 0.0284130625,
                '1 US gal' => 3.785412,
                '1 imp gal' => 4.54609,
            ]
            as $typed => $litres
        ) {
            self::assertEqualsWithDelta(
                $litres,
                QuantityParser::parse($typed, Dimension::Volume, Gallon::Imperial),
                1e-9,
                $typed,
            );
        }
        self::assertEqualsWithDelta(
            0.45359237 / 4.54609,
            QuantityParser::parse('1 lb/gal', Dimension::Density, Gallon::Imperial),
            1e-9,
        );
        self::assertEqualsWithDelta(
            0.09290304 / 4.54609,
            QuantityParser::parse('1 ft2/gal', Dimension::SpreadingRate, Gallon::Imperial),
            1e-9,
        );
    }

    public function testRatiosAsTheyAreSaid(): void
    {
        foreach (
            ['4:1', '4 : 1', '4 to 1', '4 TO 1', '4 parts to 1', '4/1', '4 / 1', '4∶1', '4.0:1.0', '4,0:1']
            as $typed
        ) {
            $ratio = MixRatio::parse($typed);
            self::assertSame([4.0, 1.0, 0.0], [$ratio->base, $ratio->hardener, $ratio->thinnerShare], $typed);
        }
        self::assertEqualsWithDelta(0.1, MixRatio::parse('4 to 1 + 10 %')->thinnerShare, 1e-9);
        self::assertSame(
            ['100:1.25', '1:0.04', '100:18', '3:1 + 7.5 %'],
            array_map(static fn(string $t): string => MixRatio::parse($t)->text(), [
                '100:1.25',
                '1:0.04',
                '100:18',
                '3:1+7.5 %',
            ]),
            'printed as they are',
        );
        $this->expectException(InvalidQuantity::class);
        MixRatio::parse('٤:١');
    }
}
