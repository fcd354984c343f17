<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Input\InvalidInput;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\Mass;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\Message;

/** Yellowed plastic whitened by gel, film and light. */
final readonly class Whitening implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'whitening';
    }

    public function name(): string
    {
        return 'Whiten plastic';
    }

    public function hint(): string
    {
        return 'Peroxide gel, cycles and hours of light';
    }

    public function fields(): array
    {
        return [
            Field::optional('area', Area::class, 'Area'),
            Field::quantity('shades', Count::class, 'Shades to go'),
            Field::optional('gel', MassPerArea::class, 'Gel', MassPerArea::gramsPerM2(150.0)),
            Field::optional('hours', Duration::class, 'A cycle', Duration::hours(6.0)),
        ];
    }

    public function sample(): array
    {
        return ['area' => '0.2 m2', 'shades' => '2'];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $area =
            $in->maybe('area', Area::class) ??
            ($piece?->context->area() ??
                throw new InvalidInput('/area', 'The area is not known.', 'an area, or a part that is measured'));
        $gel = $this->figures->formulas()->run('bath.peroxide', [
            'area' => $area,
            'gel' => $in->maybe('gel', MassPerArea::class),
            'shades' => $in->quantity('shades', Count::class),
            'hours' => $in->maybe('hours', Duration::class),
        ]);
        $side = sqrt(max(1e-6, $area->m2()));

        return new Card(
            [
                Figure::of($gel, 'mass'),
                Figure::of($gel, 'time'),
                new Figure('Cycles', $in->quantity('shades', Count::class), $gel),
            ],
            new Drawing($side, $side * 0.3, 'film over gel over part', [
                new Mark('part', 0.0, $side * 0.14, $side, $side * 0.16),
                new Mark('liquid', 0.0, $side * 0.06, $side, $side * 0.08, Message::of('gel')),
                new Mark('pass', 0.0, 0.0, $side, $side * 0.06, Message::of('film')),
            ]),
            [
                Message::of(
                    'A hidden spot first. Everything that is not plastic comes off: it bleaches cloth, skin ' .
                        'and rubber, and eats metal.',
                ),
                Message::of(
                    'Brush {mass} on in {shades} cycles, even, no dry edge; film over it without bubbles.',
                    mass: $gel->quantity('mass', Mass::class),
                    shades: $in->quantity('shades', Count::class),
                ),
                Message::of(
                    '{time} under light in all; look each hour, brush it even again, never let it dry.',
                    time: $gel->quantity('time', Duration::class),
                ),
                Message::of('Rinse, dry, compare with a strip that was covered; stop at the shade, not after it.'),
            ],
            ['peroxide'],
        );
    }
}
