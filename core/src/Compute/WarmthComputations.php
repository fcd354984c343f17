<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Climate\Air;
use Hull\Climate\Drying;
use Hull\Climate\PartLag;
use Hull\Climate\PartWarmth;
use Hull\Climate\Weather;
use Hull\Cure\CureKind;
use Hull\Input\Keys;
use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Irradiance;
use Hull\Quantity\Percentage;
use Hull\Quantity\PlainRatio;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Table;
use Hull\Quantity\Temperature;

/** What air, sun and an oven do to a part and its film, by figures of a catalogue. */
final class WarmthComputations
{
    /** @return list<Computation> */
    public static function all(Figures $figures): array
    {
        $lag = $figures->table('part-lag');
        $air = ClimateComputations::ofAir();

        return [
            self::partLag($lag),
            self::inSun($figures->table('in-sun')),
            self::oven($lag),
            new Computation(
                name: 'climate.drying',
                summary: 'Drying of a washed part',
                formula: 'base x VPD(20 C, 60 %) / VPD; base ' . $figures->table('drying')->words(),
                origin: 'vapour pressure deficit',
                inputs: [...$air, Field::choice('exposure', 'Where the water lies', $figures->table('drying')->ids())],
                outputs: [Field::quantity('time', Duration::class, 'Drying time')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'time' => Drying::of($figures->table('drying'))->time($in->choice('exposure'), self::airOf($in)),
                ])->warn('Confirm with a dryness test.'),
                kind: Source::Estimate,
            ),
            self::humidity($figures->cures),
        ];
    }

    private static function partLag(Table $lag): Computation
    {
        return new Computation(
            name: 'climate.part-lag',
            summary: 'Temperature of a part that follows the air',
            formula: 'air + (part - air) exp(-t / tau)',
            origin: 'first-order lag; tau ' . $lag->words(),
            inputs: [
                Field::quantity('part', Temperature::class, 'Part at start'),
                Field::quantity('air', Temperature::class, 'Air'),
                Field::quantity('after', Duration::class, 'After'),
                Field::choice('mass', 'Kind of part', $lag->ids()),
            ],
            outputs: [Field::quantity('temperature', Temperature::class, 'Part')],
            work: static fn(Inputs $in): Outcome => Outcome::of([
                'temperature' => PartLag::temperature(
                    $in->quantity('part', Temperature::class),
                    $in->quantity('air', Temperature::class),
                    $in->quantity('after', Duration::class),
                    $lag->at($in->choice('mass'), Duration::class),
                ),
            ]),
            kind: Source::Estimate,
        );
    }

    private static function inSun(Table $absorbed): Computation
    {
        return new Computation(
            name: 'climate.part-in-sun',
            summary: 'Temperature of a part in the sun',
            formula: PartWarmth::FORMULA . '; absorbed ' . $absorbed->words(),
            origin: 'sol-air temperature; heat given off on both sides',
            inputs: [
                Field::quantity('air', Temperature::class, 'Air'),
                Field::quantity('sun', Irradiance::class, 'Sun on a level surface')->within(
                    static fn(Range $r): Range => $r->upTo(Weather::MOST_SUN),
                ),
                Field::optional('wind', Speed::class, 'Wind', Speed::metresPerSecond(0)),
                Field::choice('tone', 'How dark it is', $absorbed->ids()),
            ],
            outputs: [Field::quantity('temperature', Temperature::class, 'Part')],
            work: static fn(Inputs $in): Outcome => Outcome::of([
                'temperature' => Temperature::celsius(
                    $in->quantity('air', Temperature::class)->c() +
                        $absorbed->at($in->choice('tone'), Percentage::class)->ratioValue() *
                            PartWarmth::gain(
                                $in->quantity('sun', Irradiance::class)->wPerM2(),
                                $in->quantity('wind', Speed::class)->mPerS(),
                            ),
                ),
            ])->warn('Measure the part: how it faces the sun is not known here.'),
            kind: Source::Estimate,
        );
    }

    private static function oven(Table $lag): Computation
    {
        return new Computation(
            name: 'cure.oven',
            summary: 'When the soak starts: the part, not the oven, must be hot',
            formula: 't = tau ln((oven - part) / (oven - wanted)); soak; cool the same way',
            origin: 'first-order lag',
            inputs: [
                Field::quantity('part', Temperature::class, 'Part at start'),
                Field::quantity('oven', Temperature::class, 'Oven'),
                Field::quantity('wanted', Temperature::class, 'Part temperature wanted'),
                Field::quantity('soak', Duration::class, 'Soak'),
                Field::choice('mass', 'Kind of part', $lag->ids()),
                Field::optional('handle', Temperature::class, 'Cool enough to handle', Temperature::celsius(40)),
            ],
            outputs: [
                Field::quantity('ramp', Duration::class, 'Ramp'),
                Field::quantity('total', Duration::class, 'Until the soak ends'),
                Field::quantity('cool', Duration::class, 'Cool-down'),
            ],
            work: static function (Inputs $in) use ($lag): Outcome {
                $tau = $lag->at($in->choice('mass'), Duration::class);
                $ramp = PartLag::timeTo(
                    $in->quantity('part', Temperature::class),
                    $in->quantity('oven', Temperature::class),
                    $in->quantity('wanted', Temperature::class),
                    $tau,
                );
                $cool = PartLag::timeTo(
                    $in->quantity('wanted', Temperature::class),
                    $in->quantity('part', Temperature::class),
                    $in->quantity('handle', Temperature::class),
                    $tau,
                );

                return Outcome::of([
                    'ramp' => $ramp,
                    'total' => Duration::hours($ramp->h() + $in->quantity('soak', Duration::class)->h()),
                    'cool' => $cool,
                ]);
            },
            kind: Source::Estimate,
        );
    }

    /** @param array<int|string, CureKind> $cures */
    private static function humidity(array $cures): Computation
    {
        $minding = array_filter($cures, static fn(CureKind $k): bool => $k->mindsHumidity());
        $ids = Keys::of($cures);
        if ([] === $ids) {
            throw new \LogicException('No kind of cure.');
        }
        $said = array_map(static fn(CureKind $k): string => $k->id . ': ' . $k->words(), $minding);

        return new Computation(
            name: 'cure.humidity-factor',
            summary: 'How damp air changes the cure',
            formula: implode('; ', $said),
            origin: 'typical',
            inputs: [
                Field::choice('kind', 'Kind of film', $ids, true),
                Field::quantity('temperature', Temperature::class, 'Temperature')->within(
                    static fn(Range $r): Range => $r->from(-60.0)->upTo(100.0),
                ),
                Field::quantity('humidity', RelativeHumidity::class, 'Relative humidity'),
            ],
            outputs: [Field::quantity('factor', PlainRatio::class, 'Factor on the sheet\'s time')],
            work: static function (Inputs $in) use ($cures): Outcome {
                $air = self::airOf($in);
                $kind = $cures[$in->choice('kind')];
                $factor =
                    $kind->humidity($air) ??
                    throw new InvalidQuantity('In this air the film does not cure.', $kind->cures(), 'humidity');

                return Outcome::of(['factor' => PlainRatio::of($factor)])->warnIf(
                    $kind->blushes($air),
                    'Amine blush: wash with water before sanding or the next film.',
                );
            },
            kind: Source::Typical,
        );
    }

    private static function airOf(Inputs $in): Air
    {
        return Air::of(
            $in->quantity('temperature', Temperature::class),
            $in->quantity('humidity', RelativeHumidity::class),
        );
    }
}
