<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;

/** A bath of acid or chelate in a tank to its measure. */
final readonly class AcidBath implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'acid-bath';
    }

    public function name(): string
    {
        return 'Acid or chelate bath';
    }

    public function hint(): string
    {
        return 'Powder, hours by temperature, when it is spent, soda after it';
    }

    public function fields(): array
    {
        return [
            Field::quantity('length', Length::class, 'Tank, length'),
            Field::quantity('width', Length::class, 'Tank, width'),
            Field::quantity('fill', Length::class, 'Filled to'),
            Field::optional('displacement', Volume::class, 'Volume of the part', Volume::litres(0.0)),
            Field::quantity('strength', Density::class, 'Strength, powder in the bath'),
            Field::optional('temperature', Temperature::class, 'Temperature of the bath'),
            Field::choice('part', 'What lies in it', $this->figures->table('acid-bath')->ids()),
            Field::optional('iron', Mass::class, 'Iron taken up so far', Mass::grams(0.0)),
        ];
    }

    public function sample(): array
    {
        return [
            'length' => '0.6 m',
            'width' => '0.4 m',
            'fill' => '0.25 m',
            'strength' => '50 g/L',
            'part' => 'steel, heavy rust',
        ];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $registry = $this->figures->formulas();
        $temperature =
            $in->maybe('temperature', Temperature::class) ??
            ($piece?->context->air()->temperature ?? Temperature::celsius(20.0));
        $fill = $registry->run('mix.tank-fill', [
            'length' => $in->quantity('length', Length::class),
            'width' => $in->quantity('width', Length::class),
            'fill' => $in->quantity('fill', Length::class),
            'displacement' => $in->maybe('displacement', Volume::class),
        ]);
        $bath = $registry->run('bath.acid', [
            'volume' => $fill->quantity('volume', Volume::class),
            'strength' => $in->quantity('strength', Density::class),
            'temperature' => $temperature,
            'part' => $in->choice('part'),
            'iron' => $in->maybe('iron', Mass::class),
        ]);
        [$length, $width, $deep] = [
            $in->quantity('length', Length::class),
            $in->quantity('width', Length::class),
            $in->quantity('fill', Length::class),
        ];

        return new Card(
            [
                Figure::of($bath, 'powder'),
                Figure::of($bath, 'time'),
                Figure::of($bath, 'check'),
                Figure::of($fill, 'volume', 'Water'),
                Figure::of($bath, 'left'),
                Figure::of($bath, 'soda'),
            ],
            new Drawing($length->m(), $deep->m() * 1.15, 'from the side, to scale', [
                new Mark('tank', 0.0, 0.0, $length->m(), $deep->m() * 1.15),
                new Mark(
                    'liquid',
                    0.0,
                    $deep->m() * 0.15,
                    $length->m(),
                    $deep->m(),
                    Message::of('{deep} deep, {width} wide', deep: $deep, width: $width),
                ),
                new Mark(
                    'part',
                    $length->m() * 0.2,
                    $deep->m() * 0.75,
                    $length->m() * 0.6,
                    $deep->m() * 0.25,
                    Message::of('wholly under'),
                ),
            ]),
            [
                Message::of('Degrease the part first; the bath works on rust, not on oil.'),
                Message::of(
                    '{volume} of water at {temperature}; stir in {powder} of powder. Acid into ' .
                        'water, never water into acid.',
                    volume: $fill->quantity('volume', Volume::class),
                    temperature: $temperature,
                    powder: $bath->quantity('powder', Mass::class),
                ),
                Message::of('Lay the part in wholly under: a line at the surface is etched.'),
                Message::of(
                    'Look every {check}; about {time} in all. Out as soon as the rust wipes off; longer eats metal.',
                    check: $bath->quantity('check', Duration::class),
                    time: $bath->quantity('time', Duration::class),
                ),
                Message::of(
                    'Rinse; neutralise in water with {soda} of soda; rinse; dry with heat at once.',
                    soda: $bath->quantity('soda', Mass::class),
                ),
                Message::of(
                    'It still takes {left} of iron; renew it when it is black and slow.',
                    left: $bath->quantity('left', Mass::class),
                ),
            ],
            ['acid', 'wash-water'],
        );
    }
}
