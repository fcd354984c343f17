<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Effort\CoatHours;
use Hull\Effort\StripHours;
use Hull\Quantity\Area;
use Hull\Quantity\Duration;

/** Hands-on hours that are typical of the trade; the yard's own log replaces them. */
final class HourComputations
{
    /** @return list<Computation> */
    public static function all(): array
    {
        $area = Field::quantity('area', Area::class, 'Area');
        $out = [
            Field::quantity('least', Duration::class, 'At least'),
            Field::quantity('most', Duration::class, 'At most'),
            Field::quantity('setUp', Duration::class, 'Set-up and clean-up'),
        ];

        return [
            new Computation(
                name: 'hours.coat',
                summary: 'Putting one coat on',
                formula: 'set-up + area x minutes a square metre x shape x overhead x first coat over rough metal',
                origin: 'typical of the trade',
                inputs: [
                    $area,
                    Field::choice('method', 'Method', CoatHours::methods(), true),
                    Field::choice('shape', 'Shape', ['plain', 'frames-or-lattice']),
                    Field::choice('overhead', 'Overhead', ['no', 'yes']),
                    Field::choice('first', 'First coat over bare or rough metal', ['no', 'yes']),
                ],
                outputs: $out,
                work: static function (Inputs $in): Outcome {
                    $hours = CoatHours::of(
                        $in->choice('method'),
                        $in->quantity('area', Area::class),
                        'plain' !== $in->choice('shape'),
                        'yes' === $in->choice('overhead'),
                        'yes' === $in->choice('first'),
                    );

                    return Outcome::of(['least' => $hours->least, 'most' => $hours->most, 'setUp' => $hours->setUp]);
                },
                kind: Source::Typical,
            ),
            new Computation(
                name: 'hours.strip',
                summary: 'Taking it to bright metal',
                formula: 'area x minutes a square metre by what comes off',
                origin: 'typical of the trade',
                inputs: [
                    $area,
                    Field::choice('off', 'What comes off', StripHours::kinds(), true),
                    Field::choice('way', 'How', StripHours::WAYS),
                ],
                outputs: $out,
                work: static function (Inputs $in): Outcome {
                    $hours = StripHours::of($in->choice('off'), $in->choice('way'), $in->quantity('area', Area::class));

                    return Outcome::of(['least' => $hours->least, 'most' => $hours->most, 'setUp' => $hours->setUp]);
                },
                kind: Source::Typical,
            ),
        ];
    }
}
