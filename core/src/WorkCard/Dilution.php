<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;
use Hull\Quantity\Volume;

/** A stock solution made weaker. */
final readonly class Dilution implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'dilution';
    }

    public function name(): string
    {
        return 'Dilute a solution';
    }

    public function hint(): string
    {
        return 'Stock and water for a strength';
    }

    public function fields(): array
    {
        return [
            Field::quantity('stock', Percentage::class, 'Strength of the stock'),
            Field::quantity('wanted', Percentage::class, 'Strength wanted'),
            Field::quantity('total', Volume::class, 'Total wanted'),
        ];
    }

    public function sample(): array
    {
        return ['stock' => '35 %', 'wanted' => '9 %', 'total' => '500 mL'];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $mix = $this->figures->formulas()->run('mix.dilution', [
            'stock' => $in->quantity('stock', Percentage::class),
            'wanted' => $in->quantity('wanted', Percentage::class),
            'total' => $in->quantity('total', Volume::class),
        ]);
        $water = $mix->quantity('water', Volume::class);
        $stock = $mix->quantity('concentrate', Volume::class);
        $share = $water->litresValue() / max(1e-9, $water->litresValue() + $stock->litresValue());

        return new Card(
            [Figure::of($mix, 'water'), Figure::of($mix, 'concentrate')],
            new Drawing(0.6, 1.0, 'water first, then the stock', [
                new Mark('tank', 0.0, 0.0, 0.6, 1.0),
                new Mark('liquid', 0.0, 1.0 - $share, 0.6, $share, Message::of('{water} water', water: $water)),
                new Mark('stock', 0.0, 0.0, 0.6, 1.0 - $share, Message::of('{stock} stock', stock: $stock)),
            ]),
            [
                Message::of('Water first: {water}.', water: $water),
                Message::of('Then the stock into it, slowly: {stock}. Never water into acid.', stock: $stock),
                Message::of('Label the vessel: what, how strong, when.'),
            ],
            ['acid'],
        );
    }
}
