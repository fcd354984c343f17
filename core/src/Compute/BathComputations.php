<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Bath\Electrolysis;
use Hull\Climate\Dwell;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\CurrentDensity;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\ElectricCurrent;
use Hull\Quantity\ElectricPotential;
use Hull\Quantity\ElectricPower;
use Hull\Quantity\Mass;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\PlainRatio;
use Hull\Quantity\Table;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumeRate;

/** Baths of acid, chelate and current, gels and what is kept wet (calculations 6). */
final class BathComputations
{
    private const SIDES = 4.0;
    /** A bath works between these, degrees C. */
    private const FREEZES_C = 5.0;
    private const TOO_HOT_C = 60.0;
    /** Strength the hours are for, kg/L; iron that a part of powder takes up, by mass (citric acid). */
    private const REFERENCE_STRENGTH = 0.05;
    private const IRON_PER_POWDER = 0.25;

    /** @return list<Computation> */
    public static function all(Figures $figures): array
    {
        [$hours, $current] = [$figures->table('acid-bath'), $figures->table('rust-current')];
        $volume = Field::quantity('volume', Volume::class, 'Bath');
        $temperature = Field::quantity('temperature', Temperature::class, 'Bath temperature')->within(
            static fn(Range $r): Range => $r->from(self::FREEZES_C)->upTo(self::TOO_HOT_C),
        );

        return [
            new Computation(
                name: 'bath.acid',
                summary: 'A bath of acid or chelate',
                formula: 'powder = volume x strength; hours = base x 2^((20 - T) / 10) x 50 g/L / strength; iron = ' .
                    '0.25 x powder',
                origin: 'typical; ten degrees double the speed, twice the strength too',
                inputs: [
                    $volume,
                    Field::quantity('strength', Density::class, 'Strength, powder in the bath')->within(
                        static fn(Range $r): Range => $r->from(0.005)->upTo(0.5),
                    ),
                    $temperature,
                    Field::choice('part', 'What lies in it', $hours->ids()),
                    Field::optional(
                        'capacity',
                        Density::class,
                        'Iron a litre takes up; a quarter of the powder where not given',
                    ),
                    Field::optional('iron', Mass::class, 'Iron taken up so far', Mass::grams(0.0)),
                    Field::optional(
                        'soda',
                        PlainRatio::class,
                        'Soda to neutralise, mass for mass of powder',
                        PlainRatio::of(1.3),
                    ),
                ],
                outputs: [
                    Field::quantity('powder', Mass::class, 'Powder'),
                    Field::quantity('time', Duration::class, 'Time'),
                    Field::quantity('check', Duration::class, 'Look every'),
                    Field::quantity('left', Mass::class, 'Iron it still takes'),
                    Field::quantity('soda', Mass::class, 'Soda for the rinse water'),
                ],
                work: static fn(Inputs $in): Outcome => self::acid($in, $hours),
                kind: Source::Typical,
            ),
            new Computation(
                name: 'bath.electrolysis',
                summary: 'A bath with current, in washing soda',
                formula: 'current = part area x density, as far as the supply gives it; hours = charge (A x h/dm2) x ' .
                    'area / current; hydrogen = 0.418 L/h per A; air = hydrogen / 1 %',
                origin: 'typical; 0.2 to 1 A/dm2, 10 to 15 g/L',
                inputs: [
                    $volume,
                    Field::quantity('area', Area::class, 'Area of the part')->some(),
                    Field::optional(
                        'density',
                        CurrentDensity::class,
                        'Current density',
                        CurrentDensity::ampsPerDm2(0.5),
                    )->within(static fn(Range $r): Range => $r->from(0.01)->upTo(10.0)),
                    Field::optional('soda', Density::class, 'Washing soda', Density::kgPerLitre(0.0125)),
                    Field::optional(
                        'voltage',
                        ElectricPotential::class,
                        'Supply',
                        ElectricPotential::volts(12.0),
                    )->within(static fn(Range $r): Range => $r->above(0.0)->upTo(60.0)),
                    Field::optional(
                        'supply',
                        ElectricCurrent::class,
                        'Most the supply gives',
                        ElectricCurrent::amperes(10.0),
                    )->within(static fn(Range $r): Range => $r->from(0.1)->upTo(200.0)),
                    Field::choice('grade', 'Rust', $current->ids()),
                    Field::optional(
                        'anodeSides',
                        Count::class,
                        'Sides of the part that face an anode, of four',
                        Count::of(2),
                    )->within(static fn(Range $r): Range => $r->from(1.0)->upTo(self::SIDES)),
                ],
                outputs: [
                    Field::quantity('current', ElectricCurrent::class, 'Current'),
                    Field::quantity('power', ElectricPower::class, 'Power'),
                    Field::quantity('soda', Mass::class, 'Washing soda'),
                    Field::quantity('anodes', Area::class, 'Anodes, mild steel in line of sight'),
                    Field::quantity('time', Duration::class, 'Time'),
                    Field::quantity('turns', Count::class, 'Turns, for the sides in shadow'),
                    Field::quantity('hydrogen', VolumeRate::class, 'Hydrogen'),
                    Field::quantity('air', VolumeRate::class, 'Fresh air'),
                ],
                work: static fn(Inputs $in): Outcome => self::electrolysis($in, $current),
                kind: Source::Typical,
            ),
            new Computation(
                name: 'bath.peroxide',
                summary: 'Whitening gel under film and light',
                formula: 'gel = area x g/m2 x cycles',
                origin: 'typical',
                inputs: [
                    Field::quantity('area', Area::class, 'Area'),
                    Field::optional('gel', MassPerArea::class, 'Gel', MassPerArea::gramsPerM2(250.0)),
                    Field::quantity('shades', Count::class, 'Shades to go')->within(
                        static fn(Range $r): Range => $r->upTo(20.0),
                    ),
                    Field::optional('hours', Duration::class, 'A cycle', Duration::hours(6.0)),
                ],
                outputs: [
                    Field::quantity('mass', Mass::class, 'Gel'),
                    Field::quantity('time', Duration::class, 'Under light'),
                ],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'mass' => Mass::grams(
                        $in->quantity('area', Area::class)->m2() *
                            $in->quantity('gel', MassPerArea::class)->gPerM2() *
                            $in->quantity('shades', Count::class)->value(),
                    ),
                    'time' => Duration::hours(
                        $in->quantity('hours', Duration::class)->h() * $in->quantity('shades', Count::class)->value(),
                    ),
                ])->warn('A hidden spot first; compare with a covered photo strip after each cycle.'),
                kind: Source::Estimate,
            ),
            new Computation(
                name: 'bath.dwell',
                summary: 'How long it is kept wet',
                formula: 'base x 2^((20 - T) / 10), at most 3 times',
                origin: 'ten degrees halve it',
                inputs: [
                    Field::quantity('base', Duration::class, 'Dwell of the label at 20 C'),
                    Field::quantity('temperature', Temperature::class, 'Temperature there')->within(
                        static fn(Range $r): Range => $r->from(-20.0)->upTo(60.0),
                    ),
                    Field::optional('respray', Duration::class, 'Dries off after', Duration::minutes(10.0))->within(
                        static fn(Range $r): Range => $r->from(1 / 60),
                    ),
                ],
                outputs: [
                    Field::quantity('time', Duration::class, 'Keep wet for'),
                    Field::quantity('resprays', Count::class, 'Times to spray again'),
                ],
                work: static function (Inputs $in): Outcome {
                    $time =
                        $in->quantity('base', Duration::class)->h() *
                        Dwell::factor($in->quantity('temperature', Temperature::class));

                    return Outcome::of([
                        'time' => Duration::hours($time),
                        'resprays' => Count::of(
                            max(
                                0.0,
                                ceil($time / max(1e-6, $in->quantity('respray', Duration::class)->h()) - 1e-9) - 1.0,
                            ),
                        ),
                    ])->warn('Bare places are rinsed first, rusted ones last.');
                },
                kind: Source::Typical,
            ),
        ];
    }

    private static function acid(Inputs $in, Table $base): Outcome
    {
        $litres = $in->quantity('volume', Volume::class)->litresValue();
        $powder = Mass::kilograms($litres * $in->quantity('strength', Density::class)->kgPerL());
        $strength = $in->quantity('strength', Density::class)->kgPerL();
        $hours =
            ($base->at($in->choice('part'), Duration::class)->h() *
                2.0 ** ((20.0 - $in->quantity('temperature', Temperature::class)->c()) / 10.0) *
                self::REFERENCE_STRENGTH) /
            $strength;
        $left =
            $litres * ($in->maybe('capacity', Density::class)?->kgPerL() ?? self::IRON_PER_POWDER * $strength) -
            $in->quantity('iron', Mass::class)->kg();

        return Outcome::of([
            'powder' => $powder,
            'time' => Duration::hours($hours),
            'check' => Duration::hours($hours / 4.0),
            'left' => Mass::kilograms(max(0.0, $left)),
            'soda' => Mass::kilograms($powder->kg() * $in->quantity('soda', PlainRatio::class)->value()),
        ])
            ->warnIf($left <= 0.0, 'The bath is spent: renew it.')
            ->warnIf(
                'zinc' === $in->choice('part'),
                'Minutes, watched: out at the first even grey; the zinc dissolves too.',
            )
            ->warn('Acid into water, never water into acid; no spring or high-strength steel.');
    }

    private static function electrolysis(Inputs $in, Table $base): Outcome
    {
        $density = $in->quantity('density', CurrentDensity::class);
        $area = $in->quantity('area', Area::class);
        $wanted = Electrolysis::current($area, $density);
        $current = ElectricCurrent::amperes(
            min($wanted->amps(), $in->quantity('supply', ElectricCurrent::class)->amps()),
        );
        $hydrogen = Electrolysis::hydrogen($current);
        $hours = ($base->at($in->choice('grade'), Duration::class)->h() * $area->m2() * 100.0) / $current->amps();

        return Outcome::of([
            'current' => $current,
            'power' => ElectricPower::watts($current->amps() * $in->quantity('voltage', ElectricPotential::class)->v()),
            'soda' => Mass::kilograms(
                $in->quantity('volume', Volume::class)->litresValue() * $in->quantity('soda', Density::class)->kgPerL(),
            ),
            'anodes' => $area,
            'time' => Duration::hours($hours),
            'turns' => Count::of(
                max(0.0, ceil(self::SIDES / max(1.0, $in->quantity('anodeSides', Count::class)->value()) - 1e-9) - 1.0),
            ),
            'hydrogen' => $hydrogen,
            'air' => Electrolysis::air($hydrogen),
        ])
            ->warnIf(
                $wanted->amps() > $current->amps(),
                'The supply gives less than the part could take: it only takes longer. A charger that shuts ' .
                    'itself off cannot hold it.',
            )
            ->warnIf($density->perDm2() < 0.2 || $density->perDm2() > 1.0, '0.2 to 1 A/dm2 is usual.')
            ->warn(
                'Outdoors or with this much air; washing soda only, no salt; mild steel anodes, never ' .
                    'stainless; power off before hands go in.',
            );
    }
}
