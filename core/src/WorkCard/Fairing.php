<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\Length;
use Hull\Quantity\Message;
use Hull\Quantity\Volume;

/** A low filled fair, round by round. */
final readonly class Fairing implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'fairing';
    }

    public function name(): string
    {
        return 'Fair a low';
    }

    public function hint(): string
    {
        return 'Compound and rounds from the low area and its depth';
    }

    public function fields(): array
    {
        return [Field::quantity('area', Area::class, 'Low area'), Field::quantity('depth', Length::class, 'Deepest')];
    }

    public function sample(): array
    {
        return ['area' => '0.3 m2', 'depth' => '6 mm'];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $fair = $this->figures->formulas()->run('fairing.volume', [
            'area' => $in->quantity('area', Area::class),
            'depth' => $in->quantity('depth', Length::class),
        ]);
        $rounds = $fair->quantity('rounds', Count::class);
        $side = sqrt(max(1e-6, $in->quantity('area', Area::class)->m2()));
        $marks = [new Mark('laminate', 0.0, 0.0, $side, $side * 0.2)];
        $n = max(1, (int) $rounds->value());
        for ($i = 0; $i < $n; ++$i) {
            $wide = $side * (0.45 + (0.45 * ($i + 1)) / $n);
            $marks[] = new Mark(
                'filler',
                ($side - $wide) / 2.0,
                ($side * 0.16 * ($n - 1 - $i)) / $n,
                $wide,
                ($side * 0.16) / $n,
                Message::of('round {n}', n: $i + 1),
            );
        }

        return new Card(
            [Figure::of($fair, 'volume'), Figure::of($fair, 'rounds')],
            new Drawing($side, $side * 0.2, 'section; depth not to scale', $marks),
            [
                Message::of('Key the whole low and a hand beyond; mark it with a long batten.'),
                Message::of(
                    '{volume} of compound in {rounds} rounds; the deepest first, never more than 5 mm at once.',
                    volume: $fair->quantity('volume', Volume::class),
                    rounds: $rounds,
                ),
                Message::of(
                    'Comb it on with a notched spreader, fill between the ridges when they are firm; block ' .
                        'with a long board across the low.',
                ),
                Message::of('A guide coat shows what is left; the last round is thin.'),
            ],
            ['epoxy', 'sanding'],
        );
    }
}
