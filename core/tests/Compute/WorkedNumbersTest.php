<?php

declare(strict_types=1);

namespace Hull\Tests\Compute;

use Hull\Input\Node;
use Hull\Quantity\Quantity;
use Hull\Tests\Yard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers worked by hand, to the digits given. */
final class WorkedNumbersTest extends TestCase
{
    private const RECOAT_MAX = [
        ['temperature' => '5 C', 'hours' => '72 h'],
        ['temperature' => '10 C', 'hours' => '48 h'],
        ['temperature' => '20 C', 'hours' => '24 h'],
        ['temperature' => '30 C', 'hours' => '12 h'],
    ];

    /**
     * @return iterable<string, array{string, array<int|string, mixed>, array<int|string, float|bool>, int}> name,
     *     inputs,
     *     outputs, decimals
     */
    public static function numbers(): iterable
    {
        yield 'plate, both faces and edges' => [
            'area.plate',
            ['length' => '1 m', 'width' => '0.5 m', 'thickness' => '10 mm'],
            ['area' => 1.03],
            2,
        ];
        yield 'plate with a cut-out' => [
            'area.plate',
            [
                'length' => '1 m',
                'width' => '0.5 m',
                'faces' => 'one',
                'cutoutLength' => '0.2 m',
                'cutoutWidth' => '0.5 m',
            ],
            ['area' => 0.4],
            2,
        ];
        yield 'plate with a cut-out and a bearing face' => [
            'area.plate',
            [
                'length' => '1 m',
                'width' => '0.5 m',
                'cutoutLength' => '0.2 m',
                'cutoutWidth' => '0.5 m',
                'bare' => '0.1 m2',
            ],
            ['area' => 0.7, 'notCoated' => 0.3],
            2,
        ];
        yield 'plate with round holes' => [
            'area.plate',
            ['length' => '1 m', 'width' => '1 m', 'faces' => 'one', 'holes' => 2, 'holeDiameter' => '100 mm'],
            ['area' => 0.9843],
            4,
        ];
        yield 'floor of a frame that is worked' => [
            'room.floor',
            ['long' => '1.4 m', 'wide' => '0.9 m'],
            ['floor' => 4.56],
            3,
        ];
        yield 'floor of a shaft that hangs and cures' => [
            'room.floor',
            ['long' => '0.9 m', 'wide' => '0.2 m', 'way' => 'hangs', 'while' => 'curing'],
            ['floor' => 0.55],
            3,
        ];
        yield 'a seat of two tapes, four times' => [
            'masking.face',
            ['across' => '50 mm', 'along' => '140 mm', 'count' => 4],
            ['tape' => 1.232, 'film' => 0.0],
            3,
        ];
        yield 'a face as wide as one tape' => [
            'masking.face',
            ['across' => '36 mm', 'along' => '1 m'],
            ['tape' => 1.1, 'film' => 0.0],
            3,
        ];
        yield 'a wide face has film and tape around' => [
            'masking.face',
            ['across' => '0.3 m', 'along' => '0.5 m'],
            ['tape' => 1.76, 'film' => 0.1836],
            4,
        ];
        yield 'a line with an apron' => [
            'masking.line',
            ['along' => '2 m', 'apron' => '0.5 m'],
            ['tape' => 2.2, 'film' => 1.1],
            3,
        ];
        yield 'tube outside' => ['area.tube', ['diameter' => '50 mm', 'length' => '2 m'], ['area' => 0.3142], 4];
        yield 'tube inside too' => [
            'area.tube',
            ['diameter' => '50 mm', 'wall' => '5 mm', 'length' => '2 m', 'inside' => 'yes'],
            ['area' => 0.5655],
            4,
        ];
        yield 'box section' => [
            'area.box-section',
            ['width' => '40 mm', 'height' => '60 mm', 'length' => '3 m', 'count' => 2],
            ['area' => 1.2],
            4,
        ];
        yield 'box section inside too' => [
            'area.box-section',
            ['width' => '40 mm', 'height' => '60 mm', 'wall' => '5 mm', 'length' => '1 m', 'inside' => 'yes'],
            ['area' => 0.36],
            4,
        ];
        yield 'complex shape' => [
            'area.strip',
            ['width' => '1 m', 'length' => '1 m', 'complexity' => 'lattice'],
            ['area' => 1.6],
            2,
        ];
        yield 'angle' => ['area.angle', ['legA' => '50 mm', 'legB' => '30 mm', 'length' => '1 m'], ['area' => 0.16], 3];
        yield 'channel' => [
            'area.channel',
            ['web' => '100 mm', 'flange' => '50 mm', 'thickness' => '5 mm', 'length' => '1 m'],
            ['area' => 0.39],
            3,
        ];
        yield 'i-section' => [
            'area.i-section',
            ['height' => '200 mm', 'flange' => '100 mm', 'thickness' => '6 mm', 'length' => '1 m'],
            ['area' => 0.788],
            3,
        ];
        yield 'round bar' => ['area.round-bar', ['diameter' => '20 mm', 'length' => '1 m'], ['area' => 0.06346], 5];
        yield 'cone' => [
            'area.cone-frustum',
            ['large' => '2 m', 'small' => '1 m', 'height' => '1 m'],
            ['area' => 5.2686],
            4,
        ];
        yield 'dome' => ['area.dome', ['diameter' => '2 m', 'rise' => '1 m'], ['area' => 6.2832], 4];
        yield 'tank' => ['area.tank', ['length' => '2 m', 'width' => '1 m', 'depth' => '0.5 m'], ['area' => 5.0], 2];
        yield 'wheel' => [
            'area.wheel',
            ['diameter' => '0.4 m', 'width' => '0.1 m', 'solid' => '50 %'],
            ['area' => 0.377],
            3,
        ];
        yield 'lattice' => ['area.lattice', ['diameter' => '6 mm', 'length' => '20 m'], ['area' => 0.377], 3];
        yield 'roof' => [
            'area.roof',
            ['length' => '5 m', 'width' => '2 m', 'curb' => '0.1 m', 'fittings' => '1 m2'],
            ['area' => 10.4],
            2,
        ];
        yield 'topsides' => [
            'area.topsides',
            ['loa' => '8 m', 'beam' => '2.5 m', 'freeboard' => '1 m'],
            ['area' => 21.0],
            2,
        ];
        yield 'planing bottom' => ['area.planing-bottom', ['loa' => '8 m', 'beam' => '2.5 m'], ['area' => 17.0], 2];
        yield 'fin keel' => [
            'area.wetted-hull',
            ['lwl' => '8 m', 'beam' => '2.5 m', 'draught' => '1.5 m', 'keel' => 'fin'],
            ['area' => 16.0],
            2,
        ];
        yield 'full keel' => [
            'area.wetted-hull',
            ['lwl' => '8 m', 'beam' => '2.5 m', 'draught' => '1.5 m'],
            ['area' => 24.0],
            2,
        ];

        yield 'spreading rate' => ['film.spreading-rate', ['solids' => '50 %', 'dft' => '60 um'], ['rate' => 8.33], 2];
        yield 'wet film' => ['film.wet', ['solids' => '50 %', 'dft' => '60 um'], ['wft' => 120.0], 6];
        yield 'wet film thinned' => [
            'film.wet',
            ['solids' => '50 %', 'dft' => '60 um', 'thinner' => '10 %'],
            ['wft' => 132.0],
            6,
        ];
        yield 'quantity' => [
            'film.quantity',
            ['area' => '12.5 m2', 'coats' => 2, 'solids' => '50 %', 'dft' => '60 um', 'loss' => '30 %'],
            ['theoretical' => 3.0, 'needed' => 4.29],
            2,
        ];
        yield 'quantity with thinner' => [
            'film.quantity',
            ['area' => '10 m2', 'solids' => '50 %', 'dft' => '50 um', 'thinner' => '10 %'],
            ['needed' => 1.0, 'mixed' => 1.1],
            3,
        ];
        yield 'quantity on a blast profile' => [
            'film.quantity',
            [
                'area' => '12.5 m2',
                'coats' => 2,
                'solids' => '50 %',
                'dft' => '60 um',
                'loss' => '30 %',
                'profile' => '60 um',
            ],
            ['needed' => 5.0],
            2,
        ];
        yield 'dead volume between' => ['film.dead-volume', ['profile' => '67.5 um'], ['dead' => 0.045], 4];
        yield 'loss brush' => ['film.loss', ['method' => 'brush'], ['loss' => 0.07], 4];
        yield 'loss gun, small parts, breeze' => [
            'film.loss',
            ['method' => 'hvlp', 'shape' => 'lattice-or-small', 'place' => 'outdoors'],
            ['loss' => 0.6],
            4,
        ];
        yield 'aerosol cans for a part' => [
            'film.aerosol',
            [
                'volume' => '400 mL',
                'solids' => '18 %',
                'loss' => '40 %',
                'dft' => '25 um',
                'part' => '0.864 m2',
                'coats' => 2,
            ],
            ['cans' => 1.0],
            2,
        ];
        yield 'quantity, where it goes' => [
            'film.quantity',
            [
                'area' => '12.5 m2',
                'coats' => 2,
                'solids' => '50 %',
                'dft' => '60 um',
                'loss' => '30 %',
                'profile' => '60 um',
            ],
            ['theoretical' => 3.0, 'swallowed' => 0.5, 'lost' => 1.5],
            3,
        ];
        yield 'aerosol' => [
            'film.aerosol',
            ['volume' => '400 mL', 'solids' => '18 %', 'loss' => '40 %', 'dft' => '25 um'],
            ['area' => 1.73],
            2,
        ];
        yield 'overlap' => [
            'film.overlap',
            ['fan' => '0.25 m', 'speed' => '0.5 m/s', 'area' => '7.5 m2'],
            ['pace' => 225.0, 'passes' => 2.0, 'time' => 2 / 60],
            6,
        ];
        yield 'coats to hide' => ['film.coats-to-hide', ['hiding' => '70 um', 'dft' => '30 um'], ['coats' => 3.0], 1];
        yield 'loss as measured' => ['film.loss-measured', ['onPart' => '1.5 L', 'used' => '2 L'], ['loss' => 0.25], 6];
        yield 'film that hides' => ['film.hiding', ['change' => 'white over black'], ['hiding' => 90.0], 6];
        yield 'clearance' => [
            'film.clearance',
            ['layers' => [['dft' => 25], ['dft' => 40], ['dft' => 30], ['dft' => 45]], 'gap' => '0.2 mm'],
            ['build' => 280.0, 'remove' => 80.0],
            6,
        ];

        $kgL = ['baseDensity' => '1.40 kg/L', 'hardenerDensity' => '0.98 kg/L', 'thinnerDensity' => '0.87 kg/L'];
        yield 'parts by volume' => [
            'mix.by-volume',
            ['ratio' => '4:1+10 %', 'total' => '1.5 L', ...$kgL],
            ['base' => 1.091, 'hardener' => 0.273, 'thinner' => 0.136],
            3,
        ];
        yield 'scale readings' => [
            'mix.by-volume',
            ['ratio' => '4:1+10 %', 'total' => '1.5 L', ...$kgL],
            ['scaleBase' => 1.527, 'scaleHardener' => 1.795, 'scaleThinner' => 1.913],
            3,
        ];
        yield 'mass ratio' => [
            'mix.mass-ratio',
            ['ratio' => '2:1', 'baseDensity' => 1.15, 'hardenerDensity' => 0.95],
            ['base' => 100.0, 'hardener' => 41.3],
            1,
        ];
        yield 'filler by mass' => [
            'mix.by-mass',
            ['ratio' => '100:2', 'total' => '510 g'],
            ['base' => 0.5, 'hardener' => 0.01],
            4,
        ];
        yield 'both ratios from a volume ratio' => [
            'mix.proportions',
            ['ratio' => '2:1', 'baseDensity' => 1.15, 'hardenerDensity' => 0.95],
            ['volumeBase' => 2.0, 'volumeHardener' => 1.0, 'massBase' => 100.0, 'massHardener' => 41.3],
            1,
        ];
        yield 'both ratios from a mass ratio' => [
            'mix.proportions',
            ['ratio' => '100:2', 'by' => 'mass', 'baseDensity' => 1.8, 'hardenerDensity' => 1.1],
            ['volumeBase' => 100.0, 'volumeHardener' => 3.27, 'massHardener' => 2.0],
            2,
        ];
        yield 'three parts of one mix' => [
            'mix.many',
            [
                'volume' => '1.2 L',
                'parts' => [
                    ['part' => 4, 'density' => '1.25 kg/L'],
                    ['part' => 1, 'density' => '1.05 kg/L'],
                    ['part' => 1, 'density' => '0.87 kg/L'],
                ],
            ],
            ['volume' => 1.2, 'mass' => 1.384],
            4,
        ];
        yield 'least batch' => [
            'mix.smallest-batch',
            ['resolution' => '1 g', 'share' => '2 %', 'density' => '1.25 kg/L'],
            ['mass' => 1.0, 'volume' => 0.8],
            4,
        ];
        yield 'a coat in three batches, alone' => [
            'mix.coat-time',
            ['work' => '1 h', 'batches' => 3, 'induction' => '20 min'],
            ['time' => 2.4, 'gap' => 0.4667],
            4,
        ];
        yield 'a coat in three batches, with a helper' => [
            'mix.coat-time',
            ['work' => '1 h', 'batches' => 3, 'induction' => '20 min', 'helper' => 'yes'],
            ['time' => 1.4667, 'gap' => 0.0],
            4,
        ];
        yield 'drops of an accelerator' => [
            'mix.additive',
            ['total' => '2.5 L', 'perLitre' => '4 mL'],
            ['volume' => 0.01, 'drops' => 200.0],
            4,
        ];
        yield 'waste of a coat' => ['mix.waste', ['mixed' => '5 L', 'onPart' => '3 L'], ['mass' => 2.4], 4];
        yield 'stripe coat' => [
            'film.stripe',
            ['length' => '10 m', 'solids' => '50 %', 'dft' => '60 um'],
            ['area' => 0.3, 'needed' => 0.0387],
            4,
        ];
        yield 'years left of a film' => [
            'film.remaining',
            ['measured' => '180 um', 'least' => '120 um', 'perYear' => '15 um'],
            ['time' => 35064.0],
            1,
        ];
        yield 'dose error' => [
            'mix.dose-error',
            ['resolution' => '1 g', 'dose' => '8 g'],
            ['error' => 0.125, 'halfStep' => 0.0625],
            4,
        ];
        yield 'catalyst' => [
            'mix.catalyst',
            ['resin' => '4.0 kg', 'temperature' => '28 C', 'bottle' => '200 g'],
            ['share' => 0.0135, 'mass' => 0.054, 'volume' => 0.047, 'unused' => 0.146],
            3,
        ];
        yield 'catalyst floor' => ['mix.catalyst', ['resin' => '1 kg', 'temperature' => '45 C'], ['share' => 0.01], 4];
        foreach ([12 => 98, 20 => 57, 28 => 32, 35 => 20] as $celsius => $minutes) {
            yield 'pot life at ' . $celsius => [
                'mix.pot-life',
                ['reference' => '40 min', 'referenceTemperature' => '25 C', 'temperature' => $celsius],
                ['potLife min' => (float) $minutes],
                0,
            ];
        }
        yield 'pot life of a big batch in a tray' => [
            'mix.pot-life',
            [
                'reference' => '40 min',
                'referenceTemperature' => '25 C',
                'temperature' => '25 C',
                'referenceMass' => '100 g',
                'mass' => '800 g',
                'vessel' => 'tray',
            ],
            ['potLife' => 2 / 3, 'usable' => 0.5],
            3,
        ];
        yield 'batches by pot life' => [
            'mix.batches',
            ['need' => '3 L', 'pace' => '10 m2/h', 'coverage' => '5 m2/L', 'usable' => '0.5 h', 'vessel' => '3 L'],
            ['count' => 3.0, 'each' => 1.0],
            3,
        ];
        yield 'batches by vessel' => [
            'mix.batches',
            ['need' => '3 L', 'vessel' => '1.5 L'],
            ['count' => 3.0, 'each' => 1.0],
            3,
        ];
        yield 'dilution' => [
            'mix.dilution',
            ['stock' => '35 %', 'wanted' => '9 %', 'total' => '500 mL'],
            ['concentrate' => 0.1286, 'water' => 0.3714],
            4,
        ];
        yield 'parts of water' => [
            'mix.parts',
            ['parts' => 10, 'total' => '11 L'],
            ['product' => 1.0, 'water' => 10.0],
            3,
        ];
        yield 'tank to the fill line' => [
            'mix.tank-fill',
            ['length' => '1 m', 'width' => '0.5 m', 'fill' => '0.4 m', 'displacement' => '20 L'],
            ['volume' => 180.0],
            2,
        ];

        foreach ([[20, 65, 13.2], [12, 80, 8.7], [30, 75, 25.1], [5, 90, 3.5]] as [$t, $rh, $dew]) {
            yield "dew point $t C $rh %" => [
                'climate.dew-point',
                ['temperature' => $t, 'humidity' => $rh . ' %'],
                ['dewPoint' => $dew],
                1,
            ];
        }
        yield 'water in air at 20 C' => [
            'climate.absolute-humidity',
            ['temperature' => 20, 'humidity' => 0.5],
            ['water' => 8.6],
            1,
        ];
        yield 'water in air at 10 C' => [
            'climate.absolute-humidity',
            ['temperature' => 10, 'humidity' => 0.8],
            ['water' => 7.5],
            1,
        ];
        yield 'saturation at 0 C' => ['climate.saturation-pressure', ['temperature' => 0], ['hectopascal' => 6.112], 3];
        yield 'heated bay' => [
            'climate.heated',
            ['temperature' => '10 C', 'humidity' => '80 %', 'heatedTo' => '20 C'],
            ['humidity' => 0.42],
            3,
        ];
        yield 'a cold shed heated: the dew point stays' => [
            'climate.heated',
            ['temperature' => '5 C', 'humidity' => '90 %', 'heatedTo' => '20 C'],
            ['humidity' => 0.336, 'dewPoint' => 3.495],
            3,
        ];
        yield 'cooled below its dew point' => [
            'climate.heated',
            ['temperature' => '20 C', 'humidity' => '65 %', 'heatedTo' => '10 C'],
            ['humidity' => 1.0, 'dewPoint' => 10.0],
            6,
        ];
        yield 'burner' => ['climate.burner-water', ['propane' => '2 kg'], ['water' => 3.26], 2];
        yield 'dehumidifier' => [
            'climate.dehumidify',
            ['temperature' => 20, 'humidity' => '80 %', 'wanted' => '50 %', 'room' => '100 m3'],
            ['water' => 6.2],
            1,
        ];
        yield 'nothing to take out of a room that is dry enough' => [
            'climate.dehumidify',
            ['temperature' => 20, 'humidity' => '45 %', 'wanted' => '50 %', 'room' => '100 m3'],
            ['water' => 0.0],
            6,
        ];
        yield 'gate shut by dew' => [
            'climate.apply-gate',
            ['temperature' => 12, 'humidity' => '80 %', 'part' => '11 C'],
            ['margin' => 2.3, 'open' => false],
            1,
        ];
        yield 'gate open' => [
            'climate.apply-gate',
            ['temperature' => 20, 'humidity' => '65 %'],
            ['margin' => 6.8, 'open' => true],
            1,
        ];
        yield 'sheet metal follows the air' => [
            'climate.part-lag',
            ['part' => 5, 'air' => 20, 'after' => '15 min'],
            ['temperature' => 14.5],
            1,
        ];
        yield 'a dark part in the sun' => [
            'climate.part-in-sun',
            ['air' => 24, 'sun' => '800 W/m2', 'wind' => '2 m/s', 'tone' => 'dark'],
            ['temperature' => 60.0],
            1,
        ];
        yield 'drying at the reference' => [
            'climate.drying',
            ['temperature' => 20, 'humidity' => '60 %', 'exposure' => 'seams'],
            ['time' => 12.0],
            6,
        ];

        yield 'between the rows' => [
            'cure.rows',
            [
                'rows' => [['temperature' => 10, 'hours' => 16], ['temperature' => 20, 'hours' => 8]],
                'temperature' => 14,
            ],
            ['time' => 12.06],
            2,
        ];
        yield 'clock' => [
            'cure.clock',
            [
                'rows' => self::RECOAT_MAX,
                'stretches' => [['temperature' => 22, 'hours' => 3], ['temperature' => 14, 'hours' => 5]],
                'temperature' => 8,
            ],
            ['clock' => 0.2824],
            4,
        ];
        yield 'time left' => [
            'cure.clock',
            [
                'rows' => self::RECOAT_MAX,
                'stretches' => [['temperature' => 22, 'hours' => 3], ['temperature' => 14, 'hours' => 5]],
                'temperature' => 8,
            ],
            ['remaining' => 40.4],
            1,
        ];
        yield 'window' => [
            'cure.window',
            [
                'min' => [['temperature' => 20, 'hours' => 3]],
                'max' => [['temperature' => 20, 'hours' => 72]],
                'temperature' => 20,
            ],
            ['opens' => 3.0, 'closes' => 72.0, 'width' => 69.0],
            3,
        ];
        yield 'damp speeds moisture cure' => [
            'cure.humidity-factor',
            ['kind' => 'moisture-cure', 'temperature' => 20, 'humidity' => '50 %'],
            ['factor' => 1.0],
            2,
        ];
        yield 'damp slows water-borne' => [
            'cure.humidity-factor',
            ['kind' => 'water-borne', 'temperature' => 20, 'humidity' => '75 %'],
            ['factor' => 2.0],
            4,
        ];
        yield 'thick film' => ['cure.film-factor', ['film' => '90 um', 'sheet' => '60 um'], ['factor' => 2.25], 4];
        $zones = [
            ['first' => 0, 'second' => 0],
            ['first' => 1.5, 'second' => 0.5],
            ['first' => 3, 'second' => 1],
            ['first' => 4.5, 'second' => 1.5],
        ];
        yield 'four zones, no slack' => [
            'cure.zones',
            ['min' => 2, 'max' => 5, 'zones' => $zones],
            ['earliest' => 5.0, 'latest' => 5.0, 'slack' => 0.0, 'open' => true, 'sections' => 1.0],
            6,
        ];
        yield 'five zones, split' => [
            'cure.zones',
            ['min' => 2, 'max' => 5, 'zones' => [...$zones, ['first' => 6, 'second' => 2]]],
            ['open' => false, 'sections' => 2.0],
            6,
        ];
        $flat = static fn(float $hours): array => [
            ['temperature' => '10 C', 'hours' => $hours],
            ['temperature' => '20 C', 'hours' => $hours],
        ];
        $steady = [['temperature' => '15 C', 'hours' => 1]];
        yield 'the same zones in steady air' => [
            'cure.zones-in-air',
            ['min' => $flat(2), 'max' => $flat(5), 'first' => 4.5, 'second' => 1.5, 'air' => $steady],
            ['earliest' => 5.0, 'latest' => 5.0, 'open' => true],
            6,
        ];
        yield 'a fifth zone, split or helped' => [
            'cure.zones-in-air',
            ['min' => $flat(2), 'max' => $flat(5), 'first' => 6, 'second' => 2, 'air' => $steady],
            ['open' => false, 'slack' => 0.0, 'sections' => 2.0, 'helpers' => 1.0],
            6,
        ];
        // Twice as slow at 10 C: laid warm for 2 h, then cold; the first zone has 4 of its 10 h of 20 C left at hour
        // 6, 8 more cold.
        $slow = static fn(float $at20): array => [
            ['temperature' => '10 C', 'hours' => 2 * $at20],
            ['temperature' => '20 C', 'hours' => $at20],
        ];
        yield 'a cold night holds the window open' => [
            'cure.zones-in-air',
            [
                'min' => $slow(3),
                'max' => $slow(10),
                'first' => 2,
                'second' => 1,
                'air' => [['temperature' => '20 C', 'hours' => 6], ['temperature' => '10 C', 'hours' => 40]],
            ],
            ['earliest' => 4.0, 'latest' => 14.0, 'slack' => 10.0, 'open' => true],
            6,
        ];
        yield 'one pail, the rest thrown away' => [
            'packs.choose',
            [
                'need' => '4.29 L',
                'packs' => [
                    ['size' => '1 L', 'price' => 42],
                    ['size' => '2.5 L', 'price' => 90],
                    ['size' => '5 L', 'price' => 160],
                ],
            ],
            ['bought' => 5.0, 'leftover' => 0.71, 'price' => 160.0, 'tins' => 1.0],
            6,
        ];
        yield 'mat' => ['laminate.ply', ['glass' => '450 g/m2'], ['resin' => 1050.0, 'thickness mm' => 1.05], 2];
        yield 'biaxial' => [
            'laminate.ply',
            ['glass' => '600 g/m2', 'kind' => 'biaxial'],
            ['resin' => 733.33, 'thickness mm' => 0.85],
            2,
        ];
        yield 'three plies over a taper' => [
            'laminate.stack',
            ['glass' => '450 g/m2', 'lost' => '3 mm', 'length' => '200 mm', 'width' => '100 mm'],
            ['plies' => 3.0, 'taper mm' => 36.0, 'glassMass g' => 50.07, 'resinMass g' => 116.83, 'sessions' => 1.0],
            2,
        ];
        yield 'fairing' => [
            'fairing.volume',
            ['area' => '0.5 m2', 'depth' => '8 mm'],
            ['volume' => 2.3, 'rounds' => 3.0],
            6,
        ];
        yield 'pour into a prism' => [
            'pour.prism',
            ['length' => '1.40 m', 'width' => '0.55 m', 'depth' => '45 mm'],
            [
                'volume' => 34.65,
                'need' => 39.8475,
                'band' => 3.85,
                'lifts' => 3.0,
                'perLift' => 13.2825,
                'pails' => 8.0,
            ],
            6,
        ];
        yield 'pour by sections' => [
            'pour.sections',
            [
                'sections' => [
                    ['at' => '0 m', 'width' => '0.4 m', 'depth' => '40 mm'],
                    ['at' => '1 m', 'width' => '0.5 m', 'depth' => '50 mm'],
                ],
                'inserts' => '0.5 L',
                'allowance' => '20 %',
            ],
            ['volume' => 20.0, 'need' => 24.0, 'band' => 2.25],
            6,
        ];
        yield 'citric bath, warm' => [
            'bath.acid',
            ['volume' => '40 L', 'strength' => '50 g/L', 'temperature' => '30 C', 'part' => 'steel, heavy rust'],
            ['powder' => 2.0, 'time' => 6.0, 'check' => 1.5, 'left g' => 500.0, 'soda' => 2.6],
            6,
        ];
        yield 'electrolysis' => [
            'bath.electrolysis',
            ['volume' => '60 L', 'area' => '0.4 m2', 'density' => '0.2 A/dm2'],
            [
                'current' => 8.0,
                'power' => 96.0,
                'soda' => 0.75,
                'anodes' => 0.4,
                'turns' => 1.0,
                'time' => 10.0,
                'hydrogen' => 3.344,
                'air' => 334.4,
            ],
            6,
        ];
        yield 'electrolysis, weak supply' => [
            'bath.electrolysis',
            ['volume' => '60 L', 'area' => '0.4 m2', 'density' => '0.5 A/dm2', 'supply' => '5 A', 'anodeSides' => 4],
            ['turns' => 0.0, 'current' => 5.0, 'time' => 16.0],
            6,
        ];
        yield 'citric bath, twice as strong' => [
            'bath.acid',
            ['volume' => '10 L', 'strength' => '100 g/L', 'temperature' => '20 C', 'part' => 'steel, heavy rust'],
            ['powder' => 1.0, 'time' => 6.0, 'left g' => 250.0],
            6,
        ];
        yield 'chelate by the litre' => [
            'bath.acid',
            [
                'volume' => '10 L',
                'strength' => '50 g/L',
                'temperature' => '20 C',
                'capacity' => '20 g/L',
                'iron' => '50 g',
            ],
            ['left g' => 150.0, 'time' => 4.0],
            6,
        ];
        yield 'charge that really passes' => [
            'bath.electrolysis',
            ['volume' => '20 L', 'area' => '0.2 m2', 'density' => '1 A/dm2', 'supply' => '4 A', 'grade' => 'heavy'],
            ['current' => 4.0, 'time' => 60.0],
            6,
        ];
        yield 'resin to mat by mass' => ['laminate.ply', ['glass' => '100 g/m2'], ['resin' => 233.3], 1];
        yield 'resin to combi by mass' => [
            'laminate.ply',
            ['glass' => '100 g/m2', 'kind' => 'combi'],
            ['resin' => 163.2],
            1,
        ];
        yield 'resin to biaxial by mass' => [
            'laminate.ply',
            ['glass' => '100 g/m2', 'kind' => 'biaxial'],
            ['resin' => 122.2],
            1,
        ];
        yield 'a gallon from gallon tins' => [
            'packs.choose',
            ['need' => '1 gal', 'packs' => [['size' => '1 gal', 'price' => 40], ['size' => '1 qt', 'price' => 15]]],
            ['tins' => 1.0, 'price' => 40.0],
            6,
        ];
        yield 'a drop over a gallon' => [
            'packs.choose',
            ['need' => '3.788 L', 'packs' => [['size' => '1 gal', 'price' => 40]]],
            ['tins' => 1.0],
            6,
        ];
        yield 'a cup over a gallon' => [
            'packs.choose',
            ['need' => '4 L', 'packs' => [['size' => '1 gal', 'price' => 40]]],
            ['tins' => 2.0],
            6,
        ];
        yield 'a need beyond all tables' => [
            'packs.choose',
            [
                'need' => '1999.999 L',
                'packs' => [['size' => '1 mL', 'price' => 1], ['size' => '4.999 L', 'price' => 9]],
            ],
            ['tins' => 800.0 / 2.0 + 1.0],
            -3,
        ];
        yield 'above the hottest row' => [
            'cure.rows',
            [
                'rows' => [['temperature' => '10 C', 'hours' => '16 h'], ['temperature' => '20 C', 'hours' => '8 h']],
                'temperature' => '35 C',
            ],
            ['time' => 8.0],
            6,
        ];
        yield 'above the hottest row, a window' => [
            'cure.rows',
            [
                'rows' => [['temperature' => '10 C', 'hours' => '16 h'], ['temperature' => '20 C', 'hours' => '8 h']],
                'temperature' => '30 C',
                'beyond' => 'carried on',
            ],
            ['time' => 4.19],
            2,
        ];
        yield 'one row' => [
            'cure.rows',
            ['rows' => [['temperature' => '20 C', 'hours' => '8 h']], 'temperature' => '15 C'],
            ['time' => 11.314],
            3,
        ];
        yield 'a helper who mixes all day' => [
            'mix.coat-time',
            ['work' => '30 min', 'batches' => 6, 'mixing' => '10 min', 'helper' => 'yes'],
            ['time' => 1.0 + 1 / 12, 'gap' => 1 / 12],
            4,
        ];
        yield 'brush on a plain face' => [
            'hours.coat',
            ['area' => '6 m2', 'method' => 'brush'],
            ['least min' => 46.0, 'most min' => 70.0, 'setUp min' => 10.0],
            6,
        ];
        yield 'brush on open frames, first coat' => [
            'hours.coat',
            ['area' => '2 m2', 'method' => 'brush', 'shape' => 'frames-or-lattice', 'first' => 'yes'],
            ['least min' => 46.0, 'most min' => 100.0],
            6,
        ];
        yield 'roller overhead' => [
            'hours.coat',
            ['area' => '10 m2', 'method' => 'roller', 'overhead' => 'yes'],
            ['least min' => 75.0, 'most min' => 105.0],
            6,
        ];
        yield 'cans' => [
            'hours.coat',
            ['area' => '1 m2', 'method' => 'aerosol'],
            ['least min' => 8.0, 'most min' => 10.0],
            6,
        ];
        yield 'scale by discs' => [
            'hours.strip',
            ['area' => '2 m2', 'off' => 'scale'],
            ['least min' => 100.0, 'most min' => 100.0],
            6,
        ];
        yield 'sound paint by discs' => [
            'hours.strip',
            ['area' => '3 m2', 'off' => 'sound paint'],
            ['least min' => 70.0, 'most min' => 130.0],
            6,
        ];
        yield 'pits by a contractor' => [
            'hours.strip',
            ['area' => '10 m2', 'off' => 'pitted', 'way' => 'contractor'],
            ['least min' => 140.0],
            6,
        ];
        yield 'whitening' => [
            'bath.peroxide',
            ['area' => '0.2 m2', 'shades' => 2],
            ['mass g' => 100.0, 'time' => 12.0],
            6,
        ];
        yield 'kept wet in the cold' => [
            'bath.dwell',
            ['base' => '10 min', 'temperature' => '10 C'],
            ['time min' => 20.0, 'resprays' => 1.0],
            6,
        ];
        yield 'worth it, half bad, one thing hidden' => [
            'cost.worth-it',
            ['handsOn' => '10 h', 'grade' => 0.5, 'hidden' => 1],
            ['least' => 8.5, 'most' => 14.75],
            6,
        ];
        yield 'oven' => [
            'cure.oven',
            ['part' => 20, 'oven' => '170 C', 'wanted' => '150 C', 'soak' => '1 h'],
            ['ramp' => 0.5037, 'total' => 1.5037],
            4,
        ];
    }

    /**
     * @param array<int|string, mixed> $inputs
     * @param array<int|string, float|bool> $expected
     */
    #[DataProvider('numbers')]
    public function testReproduces(string $name, array $inputs, array $expected, int $decimals): void
    {
        $computation = Yard::catalogue()->formulas()->find($name);
        self::assertNotNull($computation, $name);
        $result = $computation->fromNode(Node::root($inputs));
        foreach ($expected as $output => $value) {
            $output = (string) $output;
            [$output, $unit] = [...explode(' ', $output), ''];
            $actual = $result->outcome->values[$output] ?? null;
            if (is_bool($value)) {
                self::assertSame($value, $actual, $output);
            } else {
                self::assertInstanceOf(Quantity::class, $actual, $output);
                self::assertEqualsWithDelta(
                    round($value, $decimals),
                    round('' === $unit ? $actual->value() : $actual->in($unit), $decimals),
                    1e-9,
                    $output,
                );
            }
        }
    }

    public function testEveryComputationHasAWorkedNumber(): void
    {
        $worked = array_unique(array_column(iterator_to_array(self::numbers()), 0));
        $all = array_map(
            static fn(\Hull\Compute\Computation $c): string => $c->name,
            Yard::catalogue()->formulas()->all(),
        );
        self::assertSame([], array_values(array_diff($all, $worked)));
    }
}
