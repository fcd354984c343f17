<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Effort\StripHours;
use Hull\Quantity\Area;
use Hull\Quantity\Duration;

/** Hands-on hours that are typical of the trade; the yard's own log replaces them. */
final class HourComputations
{
    /** @return list<Computation> */
    public static function all(): array
    {
        return [
            new Computation(
                name: 'hours.strip',
                summary: 'Taking it to bright metal',
                formula: 'area x minutes a square metre by what comes off',
                origin: 'typical of the trade',
                inputs: [
                    Field::quantity('area', Area::class, 'Area'),
                    Field::choice('off', 'What comes off', StripHours::kinds(), true),
                    Field::choice('way', 'How', StripHours::WAYS),
                ],
                outputs: self::handsOn(),
                work: static function (Inputs $in): Outcome {
                    $hours = StripHours::of($in->choice('off'), $in->choice('way'), $in->quantity('area', Area::class));

                    return Outcome::of(['least' => $hours->least, 'most' => $hours->most, 'setUp' => $hours->setUp]);
                },
                kind: Source::Typical,
            ),
        ];
    }

    /** @return list<Field> */
    public static function handsOn(): array
    {
        return [
            Field::quantity('least', Duration::class, 'At least'),
            Field::quantity('most', Duration::class, 'At most'),
            Field::quantity('setUp', Duration::class, 'Set-up and clean-up'),
        ];
    }
}
