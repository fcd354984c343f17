<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Mix\Dose;
use Hull\Mix\ManyParts;
use Hull\Mix\Proportions;
use Hull\Mix\RatioBy;
use Hull\Quantity\Count;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Percentage;
use Hull\Quantity\PlainRatio;
use Hull\Quantity\Volume;

/** What goes with a batch: its two ratios, the least that can be dosed, its time, additives, waste (calculations 4). */
final class BatchComputations
{
    private const DROPS_PER_ML = 20.0;

    /** @return list<Computation> */
    public static function all(): array
    {
        $resolution = Field::quantity('resolution', Mass::class, 'One step of the scale')->within(
            static fn(Range $r): Range => $r->above(0.0)->upTo(1.0),
        );
        $tolerance = Field::optional(
            'tolerance',
            Percentage::class,
            'Tolerance of the sheet',
            Percentage::ratio(Dose::DEFAULT_TOLERANCE),
        )->within(static fn(Range $r): Range => $r->from(0.0001));

        return [
            new Computation(
                name: 'mix.proportions',
                summary: 'A mix ratio by volume and by mass',
                formula: 'mass = volume x density, part by part; what the sheet states stands as stated',
                origin: 'ratio and densities of the product sheet',
                inputs: [
                    Field::ratio('ratio', 'Ratio of the sheet'),
                    Field::choice('by', 'Its numbers count', ['volume', 'mass']),
                    Field::optionalRatio('other', 'Ratio by the other measure, where the sheet gives both'),
                    ...self::densities(),
                ],
                outputs: [
                    Field::quantity('volumeBase', PlainRatio::class, 'Parts A by volume'),
                    Field::quantity('volumeHardener', PlainRatio::class, 'Parts B by volume'),
                    Field::quantity('massBase', PlainRatio::class, 'Parts A by mass'),
                    Field::quantity('massHardener', PlainRatio::class, 'Parts B by mass'),
                ],
                work: self::proportions(...),
            ),
            new Computation(
                name: 'mix.many',
                summary: 'Any number of parts of one mix',
                formula: 'part = total x parts / sum of parts; mass = volume x density',
                origin: 'ratio and densities of the product sheet',
                inputs: [
                    Field::choice('by', 'The parts count', ['volume', 'mass']),
                    Field::rows(
                        'parts',
                        'Parts, in pouring order',
                        Field::quantity('part', PlainRatio::class, 'Parts')->some(),
                        Field::optional('density', Density::class, 'Density')->within(
                            static fn(Range $r): Range => $r->from(0.05),
                        ),
                    ),
                    Field::optional('volume', Volume::class, 'Total by volume'),
                    Field::optional('mass', Mass::class, 'Total by mass'),
                ],
                outputs: [
                    Field::quantity('mass', Mass::class, 'Total mass'),
                    Field::quantity('volume', Volume::class, 'Total volume'),
                ],
                work: self::many(...),
            ),
            new Computation(
                name: 'mix.smallest-batch',
                summary: 'The least batch a scale doses well enough',
                formula: 'batch = resolution / tolerance / mass share of the smallest part',
                origin: 'resolution of the scale, tolerance of the sheet',
                inputs: [
                    $resolution,
                    $tolerance,
                    Field::quantity('share', Percentage::class, 'Mass share of the smallest part')->within(
                        static fn(Range $r): Range => $r->from(0.0001),
                    ),
                    Field::optional('density', Density::class, 'Density of the mix', Density::kgPerLitre(1.2))->within(
                        static fn(Range $r): Range => $r->from(0.05),
                    ),
                ],
                outputs: [
                    Field::quantity('mass', Mass::class, 'Least batch'),
                    Field::quantity('volume', Volume::class, 'By volume'),
                ],
                work: static function (Inputs $in): Outcome {
                    $dose =
                        $in->quantity('tolerance', Percentage::class)->ratioValue() *
                        $in->quantity('share', Percentage::class)->ratioValue();
                    $density = $in->quantity('density', Density::class)->kgPerL();
                    $mass = $in->quantity('resolution', Mass::class)->kg() / $dose;

                    return Outcome::of([
                        'mass' => Mass::kilograms($mass),
                        'volume' => Volume::litres($mass / $density),
                    ]);
                },
            ),
            new Computation(
                name: 'mix.coat-time',
                summary: 'How long a coat takes, with its mixing',
                formula: 'work + batches x (mixing + induction); with a helper only the first batch waits, unless ' .
                    'mixing takes longer than putting a batch on',
                origin: 'pace of the worker',
                inputs: [
                    Field::quantity('work', Duration::class, 'Putting it on'),
                    Field::quantity('batches', Count::class, 'Batches')->some(),
                    Field::optional('mixing', Duration::class, 'Mixing a batch', Duration::minutes(8.0)),
                    Field::optional('induction', Duration::class, 'Standing before use', Duration::hours(0.0)),
                    Field::choice('helper', 'A helper mixes', ['no', 'yes']),
                ],
                outputs: [
                    Field::quantity('time', Duration::class, 'From the first stir'),
                    Field::quantity('gap', Duration::class, 'Standstill between batches'),
                ],
                work: static function (Inputs $in): Outcome {
                    $ready =
                        $in->quantity('mixing', Duration::class)->h() +
                        $in->quantity('induction', Duration::class)->h();
                    $batches = $in->quantity('batches', Count::class)->value();
                    $work = $in->quantity('work', Duration::class)->h();
                    $helped = 'yes' === $in->choice('helper');
                    // A helper mixes while the last batch goes on; where mixing takes longer than that, the coat
                    // waits for it.
                    $gap = $helped
                        ? max(0.0, $in->quantity('mixing', Duration::class)->h() - $work / $batches)
                        : $ready;
                    $time = $work + $ready + $gap * ($batches - 1.0);

                    return Outcome::of([
                        'time' => Duration::hours($time),
                        'gap' => Duration::hours($batches > 1.0 ? $gap : 0.0),
                    ])->warnIf(
                        $batches > 1.0 && 'yes' === $in->choice('helper'),
                        'A helper takes away the standstill, not the pot life.',
                    );
                },
                kind: Source::Estimate,
            ),
            new Computation(
                name: 'mix.additive',
                summary: 'An additive by the litre',
                formula: 'dose x volume; 20 drops a millilitre',
                origin: 'product sheet',
                inputs: [
                    Field::quantity('total', Volume::class, 'Mixed paint'),
                    Field::quantity('perLitre', Volume::class, 'Additive to a litre'),
                ],
                outputs: [
                    Field::quantity('volume', Volume::class, 'Additive'),
                    Field::quantity('drops', Count::class, 'Drops'),
                ],
                work: static function (Inputs $in): Outcome {
                    $litres =
                        $in->quantity('total', Volume::class)->litresValue() *
                        $in->quantity('perLitre', Volume::class)->litresValue();

                    return Outcome::of([
                        'volume' => Volume::litres($litres),
                        'drops' => Count::of(round($litres * 1000.0 * self::DROPS_PER_ML)),
                    ]);
                },
            ),
            new Computation(
                name: 'mix.waste',
                summary: 'What does not stay on the part',
                formula: '(mixed - on the part) x density',
                origin: 'mass balance',
                inputs: [
                    Field::quantity('mixed', Volume::class, 'Mixed'),
                    Field::quantity('onPart', Volume::class, 'On the part'),
                    Field::optional('density', Density::class, 'Density of the mix', Density::kgPerLitre(1.2)),
                ],
                outputs: [Field::quantity('mass', Mass::class, 'Overspray, cup and tool, for disposal')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'mass' => Mass::kilograms(
                        max(
                            0.0,
                            $in->quantity('mixed', Volume::class)->litresValue() -
                                $in->quantity('onPart', Volume::class)->litresValue(),
                        ) * $in->quantity('density', Density::class)->kgPerL(),
                    ),
                ])->warn('Let rests harden in the open where the sheet allows it; local rules for the rest.'),
                kind: Source::Estimate,
            ),
        ];
    }

    /** @return list<Field> */
    private static function densities(): array
    {
        return [
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
    }

    private static function proportions(Inputs $in): Outcome
    {
        $both = Proportions::of(
            $in->ratio('ratio'),
            RatioBy::from($in->choice('by')),
            $in->maybeRatio('other'),
            $in->maybe('baseDensity', Density::class),
            $in->maybe('hardenerDensity', Density::class),
            $in->maybe('thinnerDensity', Density::class),
        );
        $values = [];
        foreach (['volume' => $both->byVolume, 'mass' => $both->byMass] as $measure => $ratio) {
            if ($ratio instanceof MixRatio) {
                $values += [
                    $measure . 'Base' => PlainRatio::of($ratio->base),
                    $measure . 'Hardener' => PlainRatio::of($ratio->hardener),
                    $measure => (string) $both->text(RatioBy::from($measure)),
                ];
            }
        }

        return Outcome::of($values)->warnIf(
            [] !== $both->missing,
            Message::of(
                'Only the ratio by {measure} is known. For the other the sheet would have to give: {missing}.',
                measure: $both->stated->value,
                missing: $both->missing,
            ),
        );
    }

    private static function many(Inputs $in): Outcome
    {
        $rows = array_map(
            static fn(Inputs $r): array => [
                $r->quantity('part', PlainRatio::class)->value(),
                $r->maybe('density', Density::class),
            ],
            $in->rows('parts'),
        );
        $volume = $in->maybe('volume', Volume::class);
        $mass = $in->maybe('mass', Mass::class);
        if ((null === $volume) === (null === $mass)) {
            throw new InvalidQuantity(
                'The total is asked for once.',
                'a total by volume or a total by mass',
                null === $volume ? 'volume' : 'mass',
            );
        }
        $mix = ManyParts::of(RatioBy::from($in->choice('by')), $rows, $volume ?? ($mass ?? Volume::litres(0.0)));

        return Outcome::of(['mass' => $mix->mass(), 'volume' => $mix->volume(), 'parts' => $mix->words()]);
    }
}
