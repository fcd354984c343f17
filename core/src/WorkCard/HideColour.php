<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Quantity\Count;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Message;

/** Coats until the old colour is gone. */
final readonly class HideColour implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'hide-colour';
    }

    public function name(): string
    {
        return 'Hide a colour';
    }

    public function hint(): string
    {
        return 'Coats until the old colour is gone';
    }

    public function fields(): array
    {
        return [
            Field::choice('change', 'Change of colour', $this->figures->table('hiding')->ids()),
            Field::optional('hiding', FilmThickness::class, 'Film that hides, by its sheet'),
            Field::quantity('dft', FilmThickness::class, 'Film per coat'),
        ];
    }

    public function sample(): array
    {
        return ['change' => 'white over black', 'dft' => '35 um'];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $usual = $this->figures->formulas()->run('film.hiding', ['change' => $in->choice('change')]);
        $hiding = $in->maybe('hiding', FilmThickness::class) ?? $usual->quantity('hiding', FilmThickness::class);
        $dft = $in->quantity('dft', FilmThickness::class);
        $hide = $this->figures->formulas()->run('film.coats-to-hide', ['hiding' => $hiding, 'dft' => $dft]);
        $coats = $hide->quantity('coats', Count::class);
        $marks = [new Mark('part', 0.0, $coats->value(), 6.0, 1.0)];
        for ($i = 0; $i < min(12.0, $coats->value()); ++$i) {
            $marks[] = new Mark(
                'ply',
                0.0,
                $coats->value() - $i - 1.0,
                6.0,
                1.0,
                Message::of('coat {n}, {dft}', n: $i + 1, dft: $dft),
            );
        }

        return new Card(
            [
                Figure::of($hide, 'coats'),
                new Figure(
                    'Film that hides',
                    $hiding,
                    null === $in->maybe('hiding', FilmThickness::class) ? $usual : $hide,
                ),
            ],
            new Drawing(6.0, $coats->value() + 1.0, 'coats over the old colour', $marks),
            [
                Message::of(
                    '{coats} coats of {dft} make {dft2}.',
                    coats: $coats,
                    dft: $dft,
                    dft2: FilmThickness::micrometres($dft->um() * $coats->value()),
                ),
                Message::of(
                    'A grey or tinted undercoat near the new colour saves a coat or two, above all under red ' .
                        'and yellow.',
                ),
                Message::of('Try it on a chequered card: when the squares are gone, it hides.'),
            ],
            ['solvent'],
        );
    }
}
