<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Film\Coverage;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;
use Hull\Quantity\Table;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumePerArea;

/** How much paint a part takes, and how thick a film hides, by figures of a catalogue. */
final class CoverageComputations
{
    /** @return list<Computation> */
    public static function all(Table $dead, Table $hiding): array
    {
        $swallowed = static fn(Inputs $in): VolumePerArea => $dead->between(
            $in->quantity('profile', FilmThickness::class),
            VolumePerArea::class,
        );

        return [
            new Computation(
                name: 'film.dead-volume',
                summary: 'Paint a blast profile swallows',
                formula: 'table by profile, linear between',
                origin: 'typical published table',
                inputs: [Field::quantity('profile', FilmThickness::class, 'Blast profile')],
                outputs: [Field::quantity('dead', VolumePerArea::class, 'Dead volume')],
                work: static fn(Inputs $in): Outcome => Outcome::of(['dead' => $swallowed($in)])->warnIf(
                    $in->quantity('profile', FilmThickness::class)->um() > $dead->end(),
                    Message::of(
                        'The profile is deeper than the table; the value for {profile} is used.',
                        profile: FilmThickness::micrometres($dead->end()),
                    ),
                ),
                kind: Source::Typical,
            ),
            self::quantity($swallowed),
            new Computation(
                name: 'film.hiding',
                summary: 'Film that hides what is below',
                formula: 'table by change of colour',
                origin: 'typical; the product\'s sheet or a chequered card tells better',
                inputs: [Field::choice('change', 'Change of colour', $hiding->ids())],
                outputs: [Field::quantity('hiding', FilmThickness::class, 'Film that hides')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'hiding' => $hiding->at($in->choice('change'), FilmThickness::class),
                ]),
                kind: Source::Typical,
            ),
        ];
    }

    /** @param \Closure(Inputs): VolumePerArea $dead */
    private static function quantity(\Closure $dead): Computation
    {
        return new Computation(
            name: 'film.quantity',
            summary: 'Paint for a number of coats',
            formula: '(area x coats x DFT / (10 x VS%) + area x dead volume) / (1 - loss); with thinner x (1 ' .
                '+ thinner)',
            origin: FilmComputations::SOLIDS,
            inputs: [
                Field::quantity('area', Area::class, 'Area'),
                Field::optional('coats', Count::class, 'Coats', Count::of(1))->some(),
                Field::quantity('dft', FilmThickness::class, 'Dry film')->within(
                    static fn(Range $r): Range => $r->from(0.1),
                ),
                Field::quantity('solids', Percentage::class, 'Volume solids')->some(),
                Field::optional('loss', Percentage::class, 'Loss', Percentage::percent(0))->within(
                    FilmComputations::lost(...),
                ),
                Field::optional(
                    'profile',
                    FilmThickness::class,
                    'Blast profile under the first coat',
                    FilmThickness::micrometres(0),
                ),
                Field::optional('thinner', Percentage::class, 'Thinner per mixed paint', Percentage::percent(0)),
            ],
            outputs: [
                Field::quantity('theoretical', Volume::class, 'On the part'),
                Field::quantity('swallowed', Volume::class, 'In the blast profile'),
                Field::quantity('lost', Volume::class, 'Lost on the way'),
                Field::quantity('needed', Volume::class, 'Paint needed'),
                Field::quantity('mixed', Volume::class, 'To mix, with thinner'),
            ],
            work: static fn(Inputs $in): Outcome => self::worked($in, $dead($in)),
        );
    }

    private static function worked(Inputs $in, VolumePerArea $dead): Outcome
    {
        $paint = static fn(Percentage $loss, VolumePerArea $dead): Volume => Coverage::quantity(
            $in->quantity('area', Area::class),
            $in->quantity('coats', Count::class)->value(),
            $in->quantity('dft', FilmThickness::class),
            $in->quantity('solids', Percentage::class),
            $loss,
            $dead,
        );
        $needed = $paint($in->quantity('loss', Percentage::class), $dead);
        $theoretical = $paint(Percentage::percent(0), VolumePerArea::litresPerM2(0));
        $swallowed = $paint(Percentage::percent(0), $dead)->litresValue() - $theoretical->litresValue();

        return Outcome::of([
            'theoretical' => $theoretical,
            'swallowed' => Volume::litres(max(0.0, $swallowed)),
            'lost' => Volume::litres(max(0.0, $needed->litresValue() - $theoretical->litresValue() - $swallowed)),
            'needed' => $needed,
            'mixed' => Volume::litres(
                $needed->litresValue() * (1.0 + $in->quantity('thinner', Percentage::class)->ratioValue()),
            ),
        ]);
    }
}
