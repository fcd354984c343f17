<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Climate\Air;
use Hull\Climate\GateReason;
use Hull\Climate\Limits;
use Hull\Quantity\AbsoluteHumidity;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
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

    /** @return list<Field> */
    public static function ofAir(): array
    {
        return [
            Field::quantity('temperature', Temperature::class, 'Air temperature')->within(self::breathed(...)),
            Field::quantity('humidity', RelativeHumidity::class, 'Relative humidity')->within(
                static fn(Range $r): Range => $r->from(0.001),
            ),
        ];
    }

    /** @return list<Computation> */
    public static function all(): array
    {
        $air = self::ofAir();

        return [
            new Computation(
                name: 'climate.saturation-pressure',
                summary: 'Saturation vapour pressure',
                formula: '6.112 exp(17.62 T / (243.12 + T)) hPa',
                origin: self::MAGNUS,
                inputs: [$air[0]],
                outputs: [Field::quantity('hectopascal', PlainRatio::class, 'Pressure in hPa')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'hectopascal' => PlainRatio::of(
                        Air::saturationHpa($in->quantity('temperature', Temperature::class)),
                    ),
                ]),
            ),
            new Computation(
                name: 'climate.dew-point',
                summary: 'Dew point of the air',
                formula: 'x = ln(e / 6.112); Td = 243.12 x / (17.62 - x)',
                origin: self::MAGNUS,
                inputs: $air,
                outputs: [Field::quantity('dewPoint', Temperature::class, 'Dew point')],
                work: static fn(Inputs $in): Outcome => Outcome::of(['dewPoint' => self::air($in)->dewPoint()]),
            ),
            new Computation(
                name: 'climate.absolute-humidity',
                summary: 'Water in a cubic metre of air',
                formula: '216.7 e / (273.15 + T)',
                origin: self::MAGNUS,
                inputs: $air,
                outputs: [Field::quantity('water', AbsoluteHumidity::class, 'Water')],
                work: static fn(Inputs $in): Outcome => Outcome::of(['water' => self::air($in)->absoluteHumidity()]),
            ),
            new Computation(
                name: 'climate.heated',
                summary: 'Relative humidity after heating the same air',
                formula: 'vapour pressure stays: RH = e / es(T); the dew point stays with it',
                origin: self::MAGNUS,
                inputs: [
                    ...$air,
                    Field::quantity('heatedTo', Temperature::class, 'Heated to')->within(self::breathed(...)),
                ],
                outputs: [
                    Field::quantity('humidity', RelativeHumidity::class, 'Relative humidity'),
                    Field::quantity('dewPoint', Temperature::class, 'Dew point'),
                ],
                work: static function (Inputs $in): Outcome {
                    $heated = self::air($in)->heatedTo($in->quantity('heatedTo', Temperature::class));
                    $falls = $in->quantity('heatedTo', Temperature::class)->c() < self::air($in)->dewPoint()->c();

                    return Outcome::of(['humidity' => $heated->humidity, 'dewPoint' => $heated->dewPoint()])
                        ->warnIf($falls, 'Cooled below its dew point the air gives off water, on the part first.')
                        ->warn('An unvented burner adds water and ignites vapour.');
                },
            ),
            new Computation(
                name: 'climate.dehumidify',
                summary: 'Water a dehumidifier takes out in a day',
                formula: '(water in - water wanted) x volume x air changes per hour x 24',
                origin: 'water balance of a room',
                inputs: [
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
                outputs: [Field::quantity('water', Mass::class, 'Water per day')],
                work: static function (Inputs $in): Outcome {
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
                kind: Source::Estimate,
            ),
            new Computation(
                name: 'climate.burner-water',
                summary: 'Water an unvented propane burner adds',
                formula: '1.63 kg per kg of propane',
                origin: 'combustion of propane',
                inputs: [Field::quantity('propane', Mass::class, 'Propane burnt')],
                outputs: [Field::quantity('water', Mass::class, 'Water')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'water' => Mass::kilograms($in->quantity('propane', Mass::class)->kg() * self::WATER_PER_PROPANE),
                ])->warn('An open flame ignites solvent vapour: never where paint is used.'),
                kind: Source::Typical,
            ),
            new Computation(
                name: 'climate.apply-gate',
                summary: 'May a film go on now?',
                formula: 'part >= dew point + 3 C; temperature and humidity inside the sheet; spray outdoors ' .
                    'under 4 m/s',
                origin: 'ISO 8502-4 margin and the product sheet',
                inputs: [
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
                outputs: [
                    Field::quantity('dewPoint', Temperature::class, 'Dew point'),
                    Field::quantity('margin', TemperatureDifference::class, 'Dew margin'),
                    Field::choice('open', 'May go on', ['true', 'false']),
                ],
                work: self::gate(...),
            ),
        ];
    }

    /** Where the formula for vapour pressure holds, and air is breathed or blown. */
    private static function breathed(Range $temperature): Range
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
            $air->humidity->value(),
            $in->quantity('wind', Speed::class)->mPerS(),
        );
        $reasons = array_values(
            array_unique(
                array_map(
                    static fn(GateReason $r): string|Message => match ($r) {
                        GateReason::Dew, GateReason::DewSoon => Message::of(
                            'The part is {margin} above the dew point; a film needs {least}.',
                            margin: TemperatureDifference::celsius(round($margin->c(), 1)),
                            least: TemperatureDifference::celsius(3.0),
                        ),
                        GateReason::Cold, GateReason::Hot => Message::of(
                            'The part at {part} is outside the sheet\'s {least} to {most}.',
                            part: Temperature::celsius(round($part->c(), 1)),
                            least: $least,
                            most: $most,
                        ),
                        GateReason::Damp, GateReason::Dry => Message::of(
                            '{humidity} % relative humidity is outside the sheet\'s {least} to {most} %.',
                            humidity: sprintf('%.0f', $rh),
                            least: sprintf('%g', $dry->percentValue()),
                            most: sprintf('%g', $damp->percentValue()),
                        ),
                        GateReason::Wind => 'Over 4 m/s the spray is carried off the part.',
                        GateReason::Rain, GateReason::RainSoon, GateReason::Wet => 'It rains.',
                        GateReason::Dark => 'It is dark.',
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
