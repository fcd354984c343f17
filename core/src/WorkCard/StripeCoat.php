<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\CoatSheets;
use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Input\InvalidInput;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Length;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;
use Hull\Quantity\Volume;
use Hull\Surface\Product;

/** Edges, welds and bolts brushed before each full coat, where film draws thin. */
final readonly class StripeCoat implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'stripe-coat';
    }

    public function name(): string
    {
        return 'Stripe coat';
    }

    public function hint(): string
    {
        return 'Edges, welds and bolts by brush before the full coat';
    }

    public function fields(): array
    {
        return [
            Field::quantity('length', Length::class, 'Edges and welds'),
            Field::optional('width', Length::class, 'Width of the band', Length::metres(0.03)),
            Field::optional('solids', Percentage::class, 'Volume solids'),
            Field::optional('dft', FilmThickness::class, 'Dry film'),
        ];
    }

    public function sample(): array
    {
        return ['length' => '18 m', 'solids' => '50 %', 'dft' => '50 um'];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $first = null === $piece ? null : (CoatSheets::under($piece, $piece->route())[0] ?? null)[1] ?? null;
        $solids = $in->maybe('solids', Percentage::class) ?? $first?->solids;
        $dft = $in->maybe('dft', FilmThickness::class) ?? $first?->dft;
        if (null === $solids || null === $dft) {
            throw new InvalidInput(
                '/solids',
                'The paint is not known.',
                'volume solids and dry film, or a part whose route lays a coat',
            );
        }
        $stripe = $this->figures->formulas()->run(
            'film.stripe',
            [
                'length' => $in->quantity('length', Length::class),
                'width' => $in->maybe('width', Length::class),
                'solids' => $solids,
                'dft' => $dft,
            ],
            $first?->sourceOf('solids', 'dft') ?? \Hull\Compute\Source::Given,
        );
        $length = $in->quantity('length', Length::class)->m();

        return new Card(
            [Figure::of($stripe, 'needed'), Figure::of($stripe, 'area')],
            new Drawing($length, $length * 0.12, 'an edge, not to scale', [
                new Mark('part', 0.0, $length * 0.04, $length, $length * 0.08),
                new Mark(
                    'filler',
                    0.0,
                    0.0,
                    $length,
                    $length * 0.05,
                    Message::of(
                        'band of {width} along {length}',
                        width: $in->quantity('width', Length::class),
                        length: $in->quantity('length', Length::class),
                    ),
                ),
            ]),
            [
                Message::of('Round sharp edges to 2 mm first; a film draws off anything sharper.'),
                Message::of(
                    'Brush {paint} along edges, welds, bolts and inside corners: {needed}.',
                    paint: $first instanceof Product ? lcfirst($first->name) : 'the paint',
                    needed: $stripe->quantity('needed', Volume::class),
                ),
                Message::of(
                    'Then the full coat, inside the window of the stripe; and again before the next full coat.',
                ),
            ],
            $first->cautions ?? ['solvent'],
        );
    }
}
