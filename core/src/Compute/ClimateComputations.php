<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Climate\Air;
use Hull\Climate\Drying;
use Hull\Climate\GateReason;
use Hull\Climate\Limits;
use Hull\Climate\PartLag;
use Hull\Quantity\AbsoluteHumidity;
use Hull\Quantity\Duration;
use Hull\Quantity\Mass;
use Hull\Quantity\PlainRatio;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Speed;
use Hull\Quantity\Temperature;
use Hull\Quantity\TemperatureDifference;
use Hull\Quantity\Volume;

/** Climate at the part (calculations 7). */
final class ClimateComputations
{
    private const MAGNUS = 'Magnus formula over water';
    /** kg of water from a kg of propane: C3H8 + 5 O2 = 3 CO2 + 4 H2O, 4 x 18.02 / 44.10. */
    public const WATER_PER_PROPANE = 1.63;

    /** @return list<Computation> */
    public static function all(): array
    {
        $air = [
            Field::quantity('temperature', Temperature::class, 'Air temperature')->within(self::ofAir(...)),
            Field::quantity('humidity', RelativeHumidity::class, 'Relative humidity')->within(
                static fn(Range $r): Range => $r->from(0.001),
            ),
        ];

        return [
            new Computation(
                'climate.saturation-pressure',
                'Saturation vapour pressure',
                '6.112 exp(17.62 T / (243.12 + T)) hPa',
                self::MAGNUS,
                [$air[0]],
                [Field::quantity('hectopascal', PlainRatio::class, 'Pressure in hPa')],
                static fn(Inputs $in): Outcome => Outcome::of([
                    'hectopascal' => PlainRatio::of(
                        Air::saturationHpa($in->quantity('temperature', Temperature::class)),
                    ),
                ]),
            ),
            new Computation(
                'climate.dew-point',
                'Dew point of the air',
                'x = ln(e / 6.112); Td = 243.12 x / (17.62 - x)',
                self::MAGNUS,
                $air,
                [Field::quantity('dewPoint', Temperature::class, 'Dew point')],
                static fn(Inputs $in): Outcome => Outcome::of(['dewPoint' => self::air($in)->dewPoint()]),
            ),
            new Computation(
                'climate.absolute-humidity',
                'Water in a cubic metre of air',
                '216.7 e / (273.15 + T)',
                self::MAGNUS,
                $air,
                [Field::quantity('water', AbsoluteHumidity::class, 'Water')],
                static fn(Inputs $in): Outcome => Outcome::of(['water' => self::air($in)->absoluteHumidity()]),
            ),
            new Computation(
                'climate.heated',
                'Relative humidity after heating the same air',
                'vapour pressure stays: RH = e / es(T); the dew point stays with it',
                self::MAGNUS,
                [...$air, Field::quantity('heatedTo', Temperature::class, 'Heated to')->within(self::ofAir(...))],
                [
                    Field::quantity('humidity', RelativeHumidity::class, 'Relative humidity'),
                    Field::quantity('dewPoint', Temperature::class, 'Dew point'),
                ],
                static function (Inputs $in): Outcome {
                    $heated = self::air($in)->heatedTo($in->quantity('heatedTo', Temperature::class));
                    $falls = $in->quantity('heatedTo', Temperature::class)->c() < self::air($in)->dewPoint()->c();

                    return Outcome::of(['humidity' => $heated->humidity, 'dewPoint' => $heated->dewPoint()])
                        ->warnIf($falls, 'Cooled below its dew point the air gives off water, on the part first.')
                        ->warn('An unvented burner adds water and ignites vapour.');
                },
            ),
            new Computation(
                'climate.dehumidify',
                'Water a dehumidifier takes out in a day',
                '(water in - water wanted) x volume x air changes per hour x 24',
                'water balance of a room',
                [
                    ...$air,
                    Field::quantity('wanted', RelativeHumidity::class, 'Wanted humidity'),
                    Field::quantity('room', Volume::class, 'Room volume'),
                    Field::optional(
                        'airChanges',
                        PlainRatio::class,
                        'Air changes per hour',
                        PlainRatio::of(0.5),
                    )->within(static fn(Range $r): Range => $r->upTo(50.0)),
                ],
                [Field::quantity('water', Mass::class, 'Water per day')],
                static function (Inputs $in): Outcome {
                    $inside = self::air($in);
                    $wanted = Air::of($inside->temperature, $in->quantity('wanted', RelativeHumidity::class));
                    $grams =
                        ((max(0.0, $inside->absoluteHumidity()->gPerM3() - $wanted->absoluteHumidity()->gPerM3()) *
                            $in->quantity('room', Volume::class)->litresValue()) /
                            1000) *
                        $in->quantity('airChanges', PlainRatio::class)->value() *
                        24;

                    return Outcome::of(['water' => Mass::grams($grams)]);
                },
                Source::Estimate,
            ),
            new Computation(
                'climate.burner-water',
                'Water an unvented propane burner adds',
                '1.63 kg per kg of propane',
                'combustion of propane',
                [Field::quantity('propane', Mass::class, 'Propane burnt')],
                [Field::quantity('water', Mass::class, 'Water')],
                static fn(Inputs $in): Outcome => Outcome::of([
                    'water' => Mass::kilograms($in->quantity('propane', Mass::class)->kg() * self::WATER_PER_PROPANE),
                ])->warn('An open flame ignites solvent vapour: never where paint is used.'),
                Source::Typical,
            ),
            new Computation(
                'climate.apply-gate',
                'May a film go on now?',
                'part >= dew point + 3 C; temperature and humidity inside the sheet; spray outdoors under 4 m/s',
                'ISO 8502-4 margin and the product sheet',
                [
                    ...$air,
                    Field::optional('part', Temperature::class, 'Part temperature'),
                    Field::optional('least', Temperature::class, 'Sheet: lowest temperature', Temperature::celsius(10)),
                    Field::optional('most', Temperature::class, 'Sheet: highest temperature', Temperature::celsius(35)),
                    Field::optional(
                        'mostHumidity',
                        RelativeHumidity::class,
                        'Sheet: highest humidity',
                        RelativeHumidity::percent(85),
                    ),
                    Field::optional(
                        'leastHumidity',
                        RelativeHumidity::class,
                        'Sheet: lowest humidity',
                        RelativeHumidity::percent(0),
                    ),
                    Field::optional('wind', Speed::class, 'Wind where you spray', Speed::metresPerSecond(0)),
                ],
                [
                    Field::quantity('dewPoint', Temperature::class, 'Dew point'),
                    Field::quantity('margin', TemperatureDifference::class, 'Dew margin'),
                    Field::choice('open', 'May go on', ['true', 'false']),
                ],
                self::gate(...),
            ),
            new Computation(
                'climate.part-lag',
                'Temperature of a part that follows the air',
                'air + (part - air) exp(-t / tau)',
                'first-order lag; tau sheet 15 min, hull laminate 45 min, casting 2 h',
                [
                    Field::quantity('part', Temperature::class, 'Part at start'),
                    Field::quantity('air', Temperature::class, 'Air'),
                    Field::quantity('after', Duration::class, 'After'),
                    Field::choice('mass', 'Kind of part', array_keys(PartLag::TAU_HOURS)),
                ],
                [Field::quantity('temperature', Temperature::class, 'Part')],
                static fn(Inputs $in): Outcome => Outcome::of([
                    'temperature' => PartLag::temperature(
                        $in->quantity('part', Temperature::class),
                        $in->quantity('air', Temperature::class),
                        $in->quantity('after', Duration::class),
                        self::tau($in),
                    ),
                ]),
                Source::Estimate,
            ),
            new Computation(
                'climate.drying',
                'Drying of a washed part',
                'base x VPD(20 C, 60 %) / VPD; base open 3 h, seams 12 h, cavities 36 h',
                'vapour pressure deficit',
                [...$air, Field::choice('exposure', 'Where the water lies', array_keys(Drying::BASE_HOURS))],
                [Field::quantity('time', Duration::class, 'Drying time')],
                static fn(Inputs $in): Outcome => Outcome::of([
                    'time' => Drying::time($in->choice('exposure'), self::air($in)),
                ])->warn('Confirm with a dryness test.'),
                Source::Estimate,
            ),
        ];
    }

    /** Where the formula for vapour pressure holds, and air is breathed or blown. */
    private static function ofAir(Range $temperature): Range
    {
        return $temperature->from(-60.0)->upTo(100.0);
    }

    private static function air(Inputs $in): Air
    {
        return Air::of(
            $in->quantity('temperature', Temperature::class),
            $in->quantity('humidity', RelativeHumidity::class),
        );
    }

    public static function tau(Inputs $in): Duration
    {
        return Duration::hours(
            PartLag::TAU_HOURS[$in->choice('mass')] ?? throw new \LogicException('No such kind of part.'),
        );
    }

    private static function gate(Inputs $in): Outcome
    {
        $air = self::air($in);
        $part = $in->maybe('part', Temperature::class) ?? $air->temperature;
        $margin = $air->dewMargin($part);
        $rh = $air->humidity->percentValue();
        [$least, $most] = [$in->quantity('least', Temperature::class), $in->quantity('most', Temperature::class)];
        [$dry, $damp] = [
            $in->quantity('leastHumidity', RelativeHumidity::class),
            $in->quantity('mostHumidity', RelativeHumidity::class),
        ];
        $closed = Limits::of($least, $most, $dry, $damp)->closed(
            $part->c(),
            $margin->c(),
            $air->humidity->si(),
            $in->quantity('wind', Speed::class)->mPerS(),
        );
        $reasons = array_values(
            array_unique(
                array_map(
                    static fn(GateReason $r): string => match ($r) {
                        GateReason::Dew => sprintf(
                            'The part is %.1f C above the dew point; a film needs 3 C.',
                            $margin->c(),
                        ),
                        GateReason::Cold, GateReason::Hot => sprintf(
                            'The part at %.1f C is outside the sheet\'s %g to %g C.',
                            $part->c(),
                            $least->c(),
                            $most->c(),
                        ),
                        GateReason::Damp, GateReason::Dry => sprintf(
                            '%.0f %% relative humidity is outside the sheet\'s %g to %g %%.',
                            $rh,
                            $dry->percentValue(),
                            $damp->percentValue(),
                        ),
                        GateReason::Wind => 'Over 4 m/s the spray is carried off the part.',
                        GateReason::Rain => 'It rains.',
                    },
                    $closed,
                ),
            ),
        );
        $outcome = Outcome::of(['dewPoint' => $air->dewPoint(), 'margin' => $margin, 'open' => [] === $reasons]);
        foreach ($reasons as $reason) {
            $outcome = $outcome->warn($reason);
        }

        return $outcome;
    }
}
