<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Area\Masking;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\Length;

/** Tape and film for what is covered. */
final class MaskingComputations
{
    private const ORIGIN = 'geometry; lap of a third and a tenth of waste as usual in the trade';

    /** @return list<Computation> */
    public static function all(): array
    {
        return [
            new Computation(
                name: 'masking.face',
                summary: 'Tape and film over a face',
                formula: 'up to 3 tapes wide: strips, each lapping a third, x length; wider: film, tape around; + 10 %',
                origin: self::ORIGIN,
                inputs: [
                    Field::quantity('across', Length::class, 'Width'),
                    Field::quantity('along', Length::class, 'Length'),
                    Field::optional('count', Count::class, 'How many', Count::of(1))->some(),
                    Field::optional('width', Length::class, 'Width of the tape', Length::millimetres(36)),
                    Field::choice('by', 'Covered by', ['tape', 'film']),
                ],
                outputs: self::outputs(),
                work: self::face(...),
                kind: Source::Typical,
            ),
            new Computation(
                name: 'masking.line',
                summary: 'Tape and film along a line',
                formula: 'length + 10 %; film as wide as the overspray reaches',
                origin: self::ORIGIN,
                inputs: [
                    Field::quantity('along', Length::class, 'Length of the line'),
                    Field::optional('count', Count::class, 'How many', Count::of(1))->some(),
                    Field::optional('apron', Length::class, 'Film behind it', Length::metres(0)),
                ],
                outputs: self::outputs(),
                work: static function (Inputs $in): Outcome {
                    $times = $in->quantity('count', Count::class)->value();
                    $along = $in->quantity('along', Length::class)->m();
                    $tape = Masking::line($along);

                    return self::outcome($tape * $times, $in->quantity('apron', Length::class)->m() * $tape * $times);
                },
                kind: Source::Typical,
            ),
        ];
    }

    private static function face(Inputs $in): Outcome
    {
        $times = $in->quantity('count', Count::class)->value();
        [$across, $along, $width] = array_map(
            static fn(string $name): float => $in->quantity($name, Length::class)->m(),
            ['across', 'along', 'width'],
        );
        $film = 'film' === $in->choice('by') || !Masking::isTapedOver(min($across, $along), $width);

        return $film
            ? self::outcome(Masking::around($across, $along) * $times, Masking::film($across, $along) * $times)
            : self::outcome(Masking::strips(min($across, $along), max($across, $along), $width) * $times, 0.0);
    }

    private static function outcome(float $tape, float $film): Outcome
    {
        return Outcome::of(['tape' => Length::metres($tape), 'film' => Area::squareMetres($film)]);
    }

    /** @return list<Field> */
    private static function outputs(): array
    {
        return [Field::quantity('tape', Length::class, 'Tape'), Field::quantity('film', Area::class, 'Film')];
    }
}
