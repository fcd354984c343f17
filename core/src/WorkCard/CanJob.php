<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\CoatSheet;
use Hull\Bench\CoatSheets;
use Hull\Bench\Tools;
use Hull\Bench\Workpiece;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Input\InvalidInput;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Length;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;
use Hull\Surface\Product;

/** A part sprayed from cans, coat by coat as its route has them. */
final readonly class CanJob implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'can-job';
    }

    public function name(): string
    {
        return 'Job from spray cans';
    }

    public function hint(): string
    {
        return 'Cans, passes, flash times; for a part whose route sprays from cans';
    }

    public function fields(): array
    {
        return [];
    }

    public function sample(): array
    {
        return [];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $sheets =
            null === $piece
                ? []
                : array_values(
                    array_filter(
                        (new CoatSheets($piece, $piece->context->air()))->of($piece->route(), Tools::usual()),
                        static fn(CoatSheet $s): bool => null !== $s->can,
                    ),
                );
        if (null === $piece || [] === $sheets) {
            throw new InvalidInput(
                '/part',
                null === $piece
                    ? 'A part is wanted: its route says what is sprayed.'
                    : sprintf('The route of %s sprays nothing from a can.', $piece->part->name),
                'a part with a coat from a spray can on its route',
            );
        }
        $figures = [];
        $steps = [
            Message::of(
                'Cans stand in the room they are used in, at 18 to 25 °C; never in hot water, never by a flame.',
            ),
            Message::of(
                'Shake 1 to 2 minutes after the ball comes loose, and again between passes; a test pass on card.',
            ),
        ];
        foreach (self::byProduct($sheets) as $mine) {
            $product = $mine[0]->product;
            $cans = $this->figures->formulas()->run(
                'film.aerosol',
                [
                    'volume' => $product->can(),
                    'solids' => $product->solids,
                    'loss' => $mine[0]->loss->quantity('loss', Percentage::class),
                    'dft' => $product->dft,
                    'part' => CoatSheets::coated($piece, $product),
                    'coats' => Count::of(count($mine)),
                ],
                $product->sourceOf('solids', 'dft', 'packs'),
            );
            $figures[] = Figure::of($cans, 'cans', 'Cans of ' . lcfirst($product->name));
            $figures[] = Figure::of($cans, 'area', 'A can does, a coat');
            $figures[] = Figure::of($mine[0]->wet, 'wft', 'Wet film of each coat');
            $steps = [
                ...$steps,
                ...self::coats($product, $mine, Count::of(ceil($cans->quantity('cans', Count::class)->value() - 1e-9))),
            ];
        }
        $fan = $sheets[0]->fan;
        if (null !== $fan) {
            $figures[] = Figure::of($fan, 'passes', 'Passes over a spot');
            $figures[] = Figure::of($fan, 'time', 'Trigger time of a coat');
        }

        return new Card(
            $figures,
            self::drawing($piece),
            [
                ...$steps,
                Message::of(
                    'Turn the can over and spray it free after each coat; mind the last seconds of a can, it spits.',
                ),
            ],
            array_values(
                array_unique(
                    array_merge(...array_map(static fn(CoatSheet $s): array => $s->product->cautions, $sheets)),
                ),
            ),
        );
    }

    /**
     * @param list<CoatSheet> $sheets
     *
     * @return list<non-empty-list<CoatSheet>>
     */
    private static function byProduct(array $sheets): array
    {
        $by = [];
        foreach ($sheets as $sheet) {
            $by[$sheet->product->id][] = $sheet;
        }

        return array_values($by);
    }

    /**
     * @param non-empty-list<CoatSheet> $sheets
     *
     * @return list<Message>
     */
    private static function coats(Product $product, array $sheets, Count $cans): array
    {
        $lines = [
            Message::of(
                $cans->value() > 1.0
                    ? '{product}: {cans} cans at hand; {sheets} coats of {dft} dry ({wft} wet), 20 to 30 cm away, ' .
                        'half overlapping, beginning and ending off the part.'
                    : '{product}: {cans} can at hand; {sheets} coats of {dft} dry ({wft} wet), 20 to 30 cm away, ' .
                        'half overlapping, beginning and ending off the part.',
                product: $product->name,
                cans: $cans,
                sheets: Count::of(count($sheets)),
                dft: $product->dft,
                wft: $sheets[0]->wet->quantity('wft', FilmThickness::class),
            ),
        ];
        $min = $sheets[0]->cure['recoatMin'] ?? null;
        $max = $sheets[0]->cure['recoatMax'] ?? null;
        if (null !== $min) {
            $lines[] =
                null === $max
                    ? Message::of('Between coats not before {time}.', time: $min->quantity('time', Duration::class))
                    : Message::of(
                        'Between coats not before {time} and not after {time2}: past that it lifts or does not bond ' .
                            'until it has cured and is keyed.',
                        time: $min->quantity('time', Duration::class),
                        time2: $max->quantity('time', Duration::class),
                    );
        } else {
            $lines[] = Message::of('It does not cure at this temperature: warm the room first.');
        }
        if (null !== $product->shelf->activated) {
            $lines[] = Message::of(
                'Once activated the can is good for {activated}: press it in only when everything else is ready.',
                activated: $product->shelf->activated,
            );
        }

        return $lines;
    }

    private static function drawing(Workpiece $piece): Drawing
    {
        $side = sqrt(max(1e-4, $piece->context->area()->m2()));
        $marks = [
            new Mark(
                'part',
                0.0,
                0.0,
                $side * 1.6,
                $side / 1.6,
                Message::of('{piece} to coat', piece: Area::squareMetres($piece->context->area()->m2())),
            ),
        ];
        $passes = 5;
        for ($i = 0; $i < $passes; ++$i) {
            $marks[] = new Mark(
                'pass',
                -0.1 * $side,
                (($side / 1.6) * ($i - 0.5)) / $passes,
                $side * 1.8,
                (($side / 1.6) * 2.0) / $passes,
                0 === $i ? Message::of('each pass half over the last, {x} away', x: Length::metres(0.25)) : null,
            );
        }

        return new Drawing($side * 1.6, $side / 1.6, 'how the passes lie; the part as one face of its area', $marks);
    }
}
