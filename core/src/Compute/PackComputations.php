<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Pack\Pack;
use Hull\Pack\PackChoice;
use Hull\Pack\Purchase;
use Hull\Quantity\Count;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Money;
use Hull\Quantity\PlainRatio;
use Hull\Quantity\UnitSystem;
use Hull\Quantity\Volume;

/** Packs to buy (calculations 3). */
final class PackComputations
{
    private const MOST_PACKS = 20;
    private const MOST_LITRES = 2000.0;
    private const LEAST_LITRES = 0.001;

    /** @return list<Computation> */
    public static function all(): array
    {
        return [
            new Computation(
                name: 'packs.choose',
                summary: 'Cheapest packs that cover a need',
                formula: 'least price - worth of the leftover; ties: less left over, then fewer tins',
                origin: 'exact search over every total',
                inputs: [
                    Field::quantity('need', Volume::class, 'Needed')->within(
                        static fn(Range $r): Range => $r->upTo(self::MOST_LITRES),
                    ),
                    Field::rows(
                        'packs',
                        'Packs sold',
                        Field::quantity('size', Volume::class, 'Size')->within(
                            static fn(Range $r): Range => $r->from(self::LEAST_LITRES),
                        ),
                        Field::quantity('price', PlainRatio::class, 'Price'),
                    ),
                    Field::choice('keeps', 'The leftover keeps', ['false', 'true']),
                ],
                outputs: [
                    Field::quantity('bought', Volume::class, 'To buy'),
                    Field::quantity('leftover', Volume::class, 'Left over'),
                    Field::quantity('price', PlainRatio::class, 'Price'),
                    Field::quantity('tins', Count::class, 'Tins'),
                ],
                work: self::choose(...),
            ),
        ];
    }

    private static function choose(Inputs $in): Outcome
    {
        $packs = array_map(
            static fn(Inputs $row): Pack => new Pack(
                $row->quantity('size', Volume::class),
                Money::minor((int) round($row->quantity('price', PlainRatio::class)->value() * 100)),
            ),
            $in->rows('packs'),
        );
        $need = $in->quantity('need', Volume::class);
        if (count($packs) > self::MOST_PACKS) {
            throw new InvalidQuantity(
                'That is too much to choose from.',
                sprintf('1 to %d packs', self::MOST_PACKS),
                'packs',
            );
        }
        $purchase = PackChoice::cheapest($need, $packs, 'true' === $in->choice('keeps'));

        return Outcome::of([
            'bought' => $purchase->bought,
            'leftover' => $purchase->leftover,
            'price' => PlainRatio::of($purchase->price->minor / 100),
            'tins' => Count::of((float) $purchase->tins),
            'packs' => self::words($purchase),
        ]);
    }

    private static function words(Purchase $purchase): string
    {
        return implode(
            ', ',
            array_map(
                static fn(array $p): string => sprintf('%d x %s', $p[1], $p[0]->size->format(UnitSystem::Metric)),
                $purchase->packs,
            ),
        );
    }
}
