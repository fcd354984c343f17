<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Area\Footprint;
use Hull\Quantity\Area;
use Hull\Quantity\Length;

/** Floor that parts take. */
final class RoomComputations
{
    /** @return list<Computation> */
    public static function all(): array
    {
        return [
            new Computation(
                name: 'room.floor',
                summary: 'Floor that a part takes',
                formula: '(long + 2 x clear) x (wide + 2 x clear); 0.5 m clear while worked, 0.1 m while it cures; ' .
                    'hanging 0.3 m deep, taken apart twice as long, none on the bench',
                origin: 'usual in the trade',
                inputs: [
                    Field::quantity('long', Length::class, 'Long'),
                    Field::quantity('wide', Length::class, 'Wide'),
                    Field::choice('way', 'Kept', Footprint::WAYS),
                    Field::choice('while', 'While it is', ['worked', 'curing']),
                ],
                outputs: [Field::quantity('floor', Area::class, 'Floor')],
                work: static function (Inputs $in): Outcome {
                    $sides = Footprint::sides(
                        $in->quantity('long', Length::class)->m(),
                        $in->quantity('wide', Length::class)->m(),
                        $in->choice('way'),
                        'worked' === $in->choice('while'),
                    );

                    return Outcome::of(['floor' => Area::squareMetres($sides->m2())]);
                },
                kind: Source::Typical,
            ),
        ];
    }
}
