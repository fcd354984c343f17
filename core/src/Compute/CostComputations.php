<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Quantity\Count;
use Hull\Quantity\Duration;

/** What work costs (calculations 10). */
final class CostComputations
{
    /** The cheap end: everything goes well. */
    private const WELL = 0.85;
    /** The dear end on a sound part, what the worst grade adds, and what each hidden thing adds. */
    private const SOUND = 1.15;
    private const WORST = 0.35;
    private const HIDDEN = 0.15;

    /** @return list<Computation> */
    public static function all(): array
    {
        return [
            new Computation(
                name: 'cost.worth-it',
                summary: 'Hours of work as a range, before it begins',
                formula: sprintf(
                    'least = %.2f x hands-on; most = hands-on x (%.2f + %.2f x grade + %.2f x hidden)',
                    self::WELL,
                    self::SOUND,
                    self::WORST,
                    self::HIDDEN,
                ),
                origin: 'typical spread between plan and bench',
                inputs: [
                    Field::quantity('handsOn', Duration::class, 'Hands-on work as planned'),
                    Field::quantity('grade', Count::class, 'Worst grade found, 0 sound to 1 worst')->within(
                        static fn(Range $r): Range => $r->broken()->upTo(1.0),
                    ),
                    Field::quantity('hidden', Count::class, 'Hidden or untested things')->within(
                        static fn(Range $r): Range => $r->upTo(100.0),
                    ),
                ],
                outputs: [
                    Field::quantity('least', Duration::class, 'At least'),
                    Field::quantity('most', Duration::class, 'At most'),
                ],
                work: static function (Inputs $in): Outcome {
                    $planned = $in->quantity('handsOn', Duration::class)->h();
                    $hidden = $in->quantity('hidden', Count::class)->value();

                    return Outcome::of([
                        'least' => Duration::hours($planned * self::WELL),
                        'most' => Duration::hours(
                            $planned *
                                (self::SOUND +
                                    self::WORST * min(1.0, $in->quantity('grade', Count::class)->value()) +
                                    self::HIDDEN * $hidden),
                        ),
                    ])->warnIf(
                        $hidden > 0.0,
                        'Something is hidden or untested: test or open it up first, the range gets narrower.',
                    );
                },
                kind: Source::Estimate,
            ),
        ];
    }
}
