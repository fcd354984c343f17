<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Effort\CoatHours;
use Hull\Effort\Paces;
use Hull\Effort\StripHours;
use Hull\Film\Loss;
use Hull\Film\Methods;
use Hull\Quantity\Area;
use Hull\Quantity\Duration;
use Hull\Quantity\Percentage;

/** What hangs on how paint is put on and taken off; the figures of methods and paces are facts of a catalogue. */
final class MethodComputations
{
    /** @return list<Computation> */
    public static function all(Methods $methods, Paces $paces): array
    {
        return [
            new Computation(
                name: 'film.loss',
                summary: 'Share of paint that never reaches the part',
                formula: 'method + 15 points lattice or small parts + 10 points outdoors',
                origin: 'typical, until your own log replaces it',
                inputs: [
                    Field::choice('method', 'Method', $methods->withLoss(), true),
                    Field::choice('shape', 'Shape', ['plain', 'lattice-or-small']),
                    Field::choice('place', 'Place', ['indoors', 'outdoors']),
                    Field::optional('more', Percentage::class, 'More lost than usual, points', Percentage::ratio(0.0)),
                ],
                outputs: [Field::quantity('loss', Percentage::class, 'Loss')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'loss' => Loss::typical(
                        $methods->get($in->choice('method')),
                        'lattice-or-small' === $in->choice('shape'),
                        'outdoors' === $in->choice('place'),
                        $in->quantity('more', Percentage::class),
                    ),
                ]),
                kind: Source::Typical,
            ),
            new Computation(
                name: 'hours.coat',
                summary: 'Putting one coat on',
                formula: 'set-up + area x minutes a square metre x shape x overhead x first coat over rough metal',
                origin: 'typical of the trade',
                inputs: [
                    Field::quantity('area', Area::class, 'Area'),
                    Field::choice('method', 'Method', $methods->withPace(), true),
                    Field::choice('shape', 'Shape', ['plain', 'frames-or-lattice']),
                    Field::choice('overhead', 'Overhead', ['no', 'yes']),
                    Field::choice('first', 'First coat over bare or rough metal', ['no', 'yes']),
                ],
                outputs: self::handsOn(),
                work: static function (Inputs $in) use ($methods): Outcome {
                    $hours = CoatHours::of(
                        $methods->get($in->choice('method')),
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
                formula: 'set-up + area x minutes a square metre by what comes off',
                origin: 'typical of the trade',
                inputs: [
                    Field::quantity('area', Area::class, 'Area'),
                    Field::choice('off', 'What comes off', $paces->kinds(), true),
                    Field::choice('way', 'How', $paces->ids()),
                ],
                outputs: self::handsOn(),
                work: static function (Inputs $in) use ($paces): Outcome {
                    $hours = StripHours::of(
                        $paces->get($in->choice('way')),
                        $in->choice('off'),
                        $in->quantity('area', Area::class),
                    );

                    return Outcome::of(['least' => $hours->least, 'most' => $hours->most, 'setUp' => $hours->setUp]);
                },
                kind: Source::Typical,
            ),
        ];
    }

    /** @return list<Field> */
    private static function handsOn(): array
    {
        return [
            Field::quantity('least', Duration::class, 'At least'),
            Field::quantity('most', Duration::class, 'At most'),
            Field::quantity('setUp', Duration::class, 'Set-up and clean-up'),
        ];
    }
}
