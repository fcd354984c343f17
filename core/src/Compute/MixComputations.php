<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Input\Keys;
use Hull\Mix\Batches;
use Hull\Mix\Dose;
use Hull\Mix\PotLife;
use Hull\Mix\Recipe;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Count;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;
use Hull\Quantity\PlainRatio;
use Hull\Quantity\Quantity;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;

/** Mixing, pot life and batches (calculations 4). */
final class MixComputations
{
    private const SHEET = 'ratio and densities of the product sheet';

    /** @return list<Computation> */
    public static function all(): array
    {
        $densities = [
            Field::optional('baseDensity', Density::class, 'Density A')->within(
                static fn(Range $r): Range => $r->from(0.05),
            ),
            Field::optional('hardenerDensity', Density::class, 'Density B')->within(
                static fn(Range $r): Range => $r->from(0.05),
            ),
            Field::optional('thinnerDensity', Density::class, 'Density thinner')->within(
                static fn(Range $r): Range => $r->from(0.05),
            ),
        ];

        return [
            new Computation(
                name: 'mix.by-volume',
                summary: 'Parts of a batch by volume and on one scale',
                formula: 'A = V / (1 + t) x a / (a + b); B likewise; T = V / (1 + t) x t; mass = volume x density',
                origin: self::SHEET,
                inputs: [
                    Field::ratio('ratio', 'Mix ratio by volume'),
                    Field::quantity('total', Volume::class, 'Total to mix'),
                    ...$densities,
                ],
                outputs: [
                    Field::quantity('base', Volume::class, 'Base A'),
                    Field::quantity('hardener', Volume::class, 'Hardener B'),
                    Field::quantity('thinner', Volume::class, 'Thinner'),
                    Field::quantity('scaleBase', Mass::class, 'Scale after A'),
                    Field::quantity('scaleHardener', Mass::class, 'Scale after B'),
                    Field::quantity('scaleThinner', Mass::class, 'Scale after thinner'),
                ],
                work: self::byVolume(...),
            ),
            new Computation(
                name: 'mix.by-mass',
                summary: 'Parts of a batch by mass',
                formula: 'A = m / (1 + t) x a / (a + b); B likewise; T = m / (1 + t) x t',
                origin: self::SHEET,
                inputs: [
                    Field::ratio('ratio', 'Mix ratio by mass'),
                    Field::quantity('total', Mass::class, 'Total to mix'),
                ],
                outputs: [
                    Field::quantity('base', Mass::class, 'Base A'),
                    Field::quantity('hardener', Mass::class, 'Hardener B'),
                    Field::quantity('thinner', Mass::class, 'Thinner'),
                ],
                work: static function (Inputs $in): Outcome {
                    $recipe = Recipe::ofTotal(
                        $in->ratio('ratio'),
                        Volume::litres($in->quantity('total', Mass::class)->kg()),
                    );

                    return Outcome::of([
                        'base' => Mass::kilograms($recipe->base->litresValue()),
                        'hardener' => Mass::kilograms($recipe->hardener->litresValue()),
                        'thinner' => Mass::kilograms($recipe->thinner->litresValue()),
                    ]);
                },
            ),
            new Computation(
                name: 'mix.mass-ratio',
                summary: 'A volume ratio as a mass ratio',
                formula: '100 : 100 x b x density B / (a x density A)',
                origin: self::SHEET,
                inputs: [
                    Field::ratio('ratio', 'Mix ratio by volume'),
                    Field::quantity('baseDensity', Density::class, 'Density A')->within(
                        static fn(Range $r): Range => $r->from(0.05),
                    ),
                    Field::quantity('hardenerDensity', Density::class, 'Density B')->within(
                        static fn(Range $r): Range => $r->from(0.05),
                    ),
                ],
                outputs: [
                    Field::quantity('base', PlainRatio::class, 'Parts A by mass'),
                    Field::quantity('hardener', PlainRatio::class, 'Parts B by mass'),
                ],
                work: static function (Inputs $in): Outcome {
                    $ratio = Recipe::massRatio(
                        $in->ratio('ratio'),
                        $in->quantity('baseDensity', Density::class),
                        $in->quantity('hardenerDensity', Density::class),
                    );

                    return Outcome::of([
                        'base' => PlainRatio::of($ratio->base),
                        'hardener' => PlainRatio::of($ratio->hardener),
                    ])->warn('A sheet may give its own mass ratio; where it differs, the sheet wins.');
                },
            ),
            new Computation(
                name: 'mix.dose-error',
                summary: 'How far off a small dose can be',
                formula: 'resolution / smallest dose; half of it when rounded to the nearest step',
                origin: 'resolution of the scale or cup',
                inputs: [
                    Field::quantity('resolution', Mass::class, 'One step of the scale')->within(
                        static fn(Range $r): Range => $r->above(0.0)->upTo(1.0),
                    ),
                    Field::quantity('dose', Mass::class, 'Smallest dose')->within(
                        static fn(Range $r): Range => $r->from(1e-6),
                    ),
                    Field::optional(
                        'tolerance',
                        Percentage::class,
                        'Tolerance of the sheet',
                        Percentage::ratio(Dose::DEFAULT_TOLERANCE),
                    ),
                ],
                outputs: [
                    Field::quantity('error', Percentage::class, 'Error of one step'),
                    Field::quantity('halfStep', Percentage::class, 'Error of half a step'),
                ],
                work: static function (Inputs $in): Outcome {
                    $error = Dose::error($in->quantity('resolution', Mass::class), $in->quantity('dose', Mass::class));

                    return Outcome::of([
                        'error' => $error,
                        'halfStep' => Percentage::ratio($error->ratioValue() / 2),
                    ])->warnIf(
                        $error->ratioValue() > $in->quantity('tolerance', Percentage::class)->ratioValue(),
                        'Over the tolerance: mix more at once, or use a finer scale.',
                    );
                },
            ),
            new Computation(
                name: 'mix.pot-life',
                summary: 'Pot life at another temperature and mass',
                formula: 'ref x 2^-((T - Tref)/10) x (m_ref/m)^(1/3)',
                origin: 'rule of thumb: ten degrees halve it',
                inputs: [
                    Field::quantity('reference', Duration::class, 'Pot life of the sheet')->some(),
                    Field::optional(
                        'referenceTemperature',
                        Temperature::class,
                        'Sheet temperature',
                        Temperature::celsius(20),
                    )->within(self::atTheBench(...)),
                    Field::quantity('temperature', Temperature::class, 'Temperature')->within(self::atTheBench(...)),
                    Field::optional('referenceMass', Mass::class, 'Sheet mass')->within(
                        static fn(Range $r): Range => $r->from(0.001),
                    ),
                    Field::optional('mass', Mass::class, 'Mass mixed (bulk epoxies and polyesters)')->within(
                        static fn(Range $r): Range => $r->from(0.001),
                    ),
                    Field::choice('vessel', 'Vessel', ['cup', 'tray']),
                ],
                outputs: [
                    Field::quantity('potLife', Duration::class, 'Pot life'),
                    Field::quantity('usable', Duration::class, 'Usable'),
                ],
                work: static function (Inputs $in): Outcome {
                    $onlyOne =
                        (null === $in->maybe('referenceMass', Mass::class)) !==
                        (null === $in->maybe('mass', Mass::class));
                    $life = PotLife::at(
                        $in->quantity('reference', Duration::class),
                        $in->quantity('referenceTemperature', Temperature::class),
                        $in->quantity('temperature', Temperature::class),
                        $in->maybe('referenceMass', Mass::class),
                        $in->maybe('mass', Mass::class),
                        'tray' === $in->choice('vessel'),
                    );

                    return Outcome::of([
                        'potLife' => $life,
                        'usable' => Duration::hours($life->h() * PotLife::USABLE),
                    ])->warnIf(
                        $onlyOne,
                        'The mass does not count: it takes both the mass of the sheet and the mass mixed.',
                    );
                },
                kind: Source::Estimate,
            ),
            new Computation(
                name: 'mix.batches',
                summary: 'Equal batches that neither kick nor overflow',
                formula: 'ceil(need / min(pace / spreading rate x usable pot life, vessel x 2/3))',
                origin: 'pace of the worker and pot life',
                inputs: [
                    Field::quantity('need', Volume::class, 'Paint needed'),
                    Field::optional('pace', AreaRate::class, 'Pace of work')->within(
                        static fn(Range $r): Range => $r->from(0.01),
                    ),
                    Field::optional('coverage', SpreadingRate::class, 'Area covered per litre mixed')->within(
                        static fn(Range $r): Range => $r->from(0.001),
                    ),
                    Field::optional('usable', Duration::class, 'Usable pot life')->within(
                        static fn(Range $r): Range => $r->from(1 / 60),
                    ),
                    Field::optional('vessel', Volume::class, 'Vessel')->within(
                        static fn(Range $r): Range => $r->from(0.001),
                    ),
                    Field::optional('smallest', Volume::class, 'Smallest batch the scale can dose'),
                ],
                outputs: [
                    Field::quantity('count', Count::class, 'Batches'),
                    Field::quantity('each', Volume::class, 'Each'),
                ],
                work: self::batches(...),
            ),
            new Computation(
                name: 'mix.dilution',
                summary: 'Diluting a stock solution',
                formula: 'C1 V1 = C2 V2',
                origin: 'conservation of the dissolved mass',
                inputs: [
                    Field::quantity('stock', Percentage::class, 'Stock strength')->some(),
                    Field::quantity('wanted', Percentage::class, 'Wanted strength'),
                    Field::quantity('total', Volume::class, 'Total wanted'),
                ],
                outputs: [
                    Field::quantity('concentrate', Volume::class, 'Stock'),
                    Field::quantity('water', Volume::class, 'Water'),
                ],
                work: static function (Inputs $in): Outcome {
                    [$concentrate, $water] = Dose::dilute(
                        $in->quantity('stock', Percentage::class),
                        $in->quantity('wanted', Percentage::class),
                        $in->quantity('total', Volume::class),
                    );

                    return Outcome::of(['concentrate' => $concentrate, 'water' => $water])->warn(
                        'Pour acid into water, never water into acid.',
                    );
                },
            ),
            new Computation(
                name: 'mix.parts',
                summary: 'Parts of water to one part of product',
                formula: 'product = total / (1 + parts)',
                origin: 'ratio of the label',
                inputs: [
                    Field::quantity('parts', PlainRatio::class, 'Parts of water to one of product'),
                    Field::quantity('total', Volume::class, 'Total wanted'),
                ],
                outputs: [
                    Field::quantity('product', Volume::class, 'Product'),
                    Field::quantity('water', Volume::class, 'Water'),
                ],
                work: static function (Inputs $in): Outcome {
                    $total = $in->quantity('total', Volume::class)->litresValue();
                    $product = $total / (1 + $in->quantity('parts', PlainRatio::class)->value());

                    return Outcome::of([
                        'product' => Volume::litres($product),
                        'water' => Volume::litres($total - $product),
                    ]);
                },
            ),
            new Computation(
                name: 'mix.tank-fill',
                summary: 'Litres in a tank to the fill line, less the part',
                formula: 'L x W x fill x 1000 - displacement',
                origin: 'plane and solid geometry',
                inputs: [
                    Field::quantity('length', Length::class, 'Length'),
                    Field::quantity('width', Length::class, 'Width'),
                    Field::quantity('fill', Length::class, 'Fill depth'),
                    Field::optional('displacement', Volume::class, 'Displacement of the part', Volume::litres(0)),
                ],
                outputs: [Field::quantity('volume', Volume::class, 'Liquid')],
                work: static function (Inputs $in): Outcome {
                    $litres =
                        $in->quantity('length', Length::class)->m() *
                            $in->quantity('width', Length::class)->m() *
                            $in->quantity('fill', Length::class)->m() *
                            1000 -
                        $in->quantity('displacement', Volume::class)->litresValue();

                    return $litres >= 0.0
                        ? Outcome::of(['volume' => Volume::litres($litres)])
                        : throw new InvalidQuantity(
                            'The part displaces more than the tank holds.',
                            'a displacement under the filled volume',
                            'displacement',
                        );
                },
            ),
        ];
    }

    private static function atTheBench(Range $temperature): Range
    {
        return $temperature->from(-20.0)->upTo(80.0);
    }

    private static function byVolume(Inputs $in): Outcome
    {
        $ratio = $in->ratio('ratio');
        $recipe = Recipe::ofTotal($ratio, $in->quantity('total', Volume::class));
        $outcome = ['base' => $recipe->base, 'hardener' => $recipe->hardener, 'thinner' => $recipe->thinner];
        $base = $in->maybe('baseDensity', Density::class);
        $hardener =
            $in->maybe('hardenerDensity', Density::class) ?? ($ratio->isOnePart() ? Density::kgPerLitre(1) : null);
        $thinner =
            $in->maybe('thinnerDensity', Density::class) ??
            (0.0 === $ratio->thinnerShare ? Density::kgPerLitre(1) : null);
        if (null === $base || null === $hardener || null === $thinner) {
            return Outcome::of($outcome)->warn('Without the densities of every part there are no scale readings.');
        }
        [$a, $b, $t] = $recipe->cumulative($base, $hardener, $thinner);

        return Outcome::of([...$outcome, 'scaleBase' => $a, 'scaleHardener' => $b, 'scaleThinner' => $t]);
    }

    private static function batches(Inputs $in): Outcome
    {
        $pace = $in->maybe('pace', AreaRate::class);
        $coverage = $in->maybe('coverage', SpreadingRate::class);
        $perHour =
            null === $pace || null === $coverage || $coverage->m2PerL() <= 0.0
                ? null
                : $pace->m2PerH() / $coverage->m2PerL();
        $plan = Batches::plan(
            $in->quantity('need', Volume::class),
            $perHour,
            $in->maybe('usable', Duration::class),
            $in->maybe('vessel', Volume::class),
            $in->maybe('smallest', Volume::class),
        );

        $asked = ['pace' => $pace, 'coverage' => $coverage, 'usable' => $in->maybe('usable', Duration::class)];
        $missing = Keys::of(array_filter($asked, static fn(?Quantity $q): bool => null === $q));

        return Outcome::of(['count' => Count::of($plan->count), 'each' => $plan->each])
            ->warnIf(
                [] !== $missing && count($missing) < 3,
                Message::of(
                    'The pot life does not limit these batches: {missing} is not given.',
                    missing: implode(' and ', $missing),
                ),
            )
            ->warnIf(
                $plan->belowSmallestDose,
                'Each batch is smaller than the scale can dose: use a finer scale or a slower hardener.',
            );
    }
}
