<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Mix\Dose;
use Hull\Quantity\Density;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;
use Hull\Quantity\Table;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;

/** Catalyst by temperature, by the table of a catalogue. */
final class CatalystComputations
{
    /** @return list<Computation> */
    public static function all(Table $shares): array
    {
        return [
            new Computation(
                name: 'mix.catalyst',
                summary: 'Catalyst (MEKP) for polyester by temperature',
                formula: 'share by temperature, linear between, floor 1.0 %, ceiling 3.0 %; mass = share x resin',
                origin: 'typical table; the product\'s own table wins',
                inputs: [
                    Field::quantity('resin', Mass::class, 'Resin'),
                    Field::quantity('temperature', Temperature::class, 'Temperature')->within(
                        static fn(Range $r): Range => $r->from(-60.0)->upTo(100.0),
                    ),
                    Field::optional(
                        'density',
                        Density::class,
                        'Density of the catalyst',
                        Density::kgPerLitre(1.15),
                    )->within(static fn(Range $r): Range => $r->from(0.3)),
                    Field::optional('bottle', Mass::class, 'Catalyst supplied', Mass::kilograms(0)),
                ],
                outputs: [
                    Field::quantity('share', Percentage::class, 'Share of resin'),
                    Field::quantity('mass', Mass::class, 'Catalyst'),
                    Field::quantity('volume', Volume::class, 'Catalyst by volume'),
                    Field::quantity('unused', Mass::class, 'Stays in the bottle'),
                ],
                work: static fn(Inputs $in): Outcome => self::dose($in, $shares),
                kind: Source::Typical,
            ),
        ];
    }

    private static function dose(Inputs $in, Table $shares): Outcome
    {
        $at = $in->quantity('temperature', Temperature::class);
        $share = Dose::catalystShare($shares->between($at, Percentage::class));
        $mass = $in->quantity('resin', Mass::class)->kg() * $share->ratioValue();
        $bottle = $in->quantity('bottle', Mass::class)->kg();

        return Outcome::of([
            'share' => $share,
            'mass' => Mass::kilograms($mass),
            'volume' => Volume::litres($mass / $in->quantity('density', Density::class)->kgPerL()),
            'unused' => Mass::kilograms(max(0.0, $bottle - $mass)),
        ])
            ->warnIf(
                $at->c() < $shares->start() || $at->c() > $shares->end(),
                Message::of(
                    'Outside {from} to {to} the table does not reach; the nearest row is used.',
                    from: Temperature::celsius($shares->start()),
                    to: Temperature::celsius($shares->end()),
                ),
            )
            ->warnIf($bottle > 0.0 && $bottle < $mass, 'The bottle holds less than the dose.');
    }
}
