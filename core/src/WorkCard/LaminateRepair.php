<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Compute\Result;
use Hull\Laminate\PlyStack;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\Message;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Temperature;

/** Glass and resin over a hole, on a ground taper. */
final readonly class LaminateRepair implements Kind
{
    private const EPOXY = 'epoxy';
    /** What stays in pot, brush and roller. */
    private const SPARE = 1.15;

    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'laminate';
    }

    public function name(): string
    {
        return 'Laminate repair';
    }

    public function hint(): string
    {
        return 'Plies, taper, sizes, resin and hardener, goes';
    }

    public function fields(): array
    {
        return [
            Field::quantity('lost', Length::class, 'Thickness lost'),
            Field::quantity('length', Length::class, 'Hole, length'),
            Field::quantity('width', Length::class, 'Hole, width'),
            Field::quantity('glass', MassPerArea::class, 'Glass'),
            Field::choice('kind', 'Kind of glass', $this->figures->table('glass')->ids()),
            Field::choice('resin', 'Resin', [self::EPOXY, 'polyester', 'vinylester']),
            Field::optionalRatio('ratio', 'Epoxy, by mass'),
            Field::choice('order', 'Order of the plies', ['largest first', 'smallest first']),
            Field::optional('perSession', Count::class, 'Plies at once', Count::of(4.0)),
            Field::optional('wetOut', AreaRate::class, 'Wetted out in an hour', AreaRate::m2PerHour(2.0)),
            Field::optional('temperature', Temperature::class, 'Temperature there'),
        ];
    }

    public function sample(): array
    {
        return [
            'lost' => '3 mm',
            'length' => '200 mm',
            'width' => '100 mm',
            'glass' => '450 g/m2',
            'kind' => 'mat',
            'resin' => 'polyester',
        ];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $registry = $this->figures->formulas();
        $temperature =
            $in->maybe('temperature', Temperature::class) ??
            ($piece?->context->air()->temperature ?? Temperature::celsius(20.0));
        $stack = $registry->run('laminate.stack', [
            'glass' => $in->quantity('glass', MassPerArea::class),
            'kind' => $in->choice('kind'),
            'lost' => $in->quantity('lost', Length::class),
            'length' => $in->quantity('length', Length::class),
            'width' => $in->quantity('width', Length::class),
            'perSession' => $in->maybe('perSession', Count::class),
        ]);
        $ply = $registry->run('laminate.ply', [
            'glass' => $in->quantity('glass', MassPerArea::class),
            'kind' => $in->choice('kind'),
        ]);
        $goes = max(1.0, $stack->quantity('sessions', Count::class)->value());
        $pot = Mass::kilograms(($stack->quantity('resinMass', Mass::class)->kg() * self::SPARE) / $goes);
        [$mix, $mixFigures, $mixLine] =
            self::EPOXY === $in->choice('resin') ? $this->epoxy($in, $pot) : $this->catalysed($pot, $temperature);
        $life = $registry->run('mix.pot-life', [
            'reference' => $this->figures
                ->table('work-time')
                ->at(self::EPOXY === $in->choice('resin') ? 'epoxy' : 'catalysed', Duration::class),
            'referenceTemperature' => Temperature::celsius(self::EPOXY === $in->choice('resin') ? 25.0 : 20.0),
            'temperature' => $temperature,
            'referenceMass' => Mass::grams(100.0),
            'mass' => $pot,
            'vessel' => 'tray',
        ]);
        $plies = (int) $stack->quantity('plies', Count::class)->value();
        $sizes = $this->sizes($in, $plies);
        $order = 'smallest first' === $in->choice('order') ? $sizes : array_reverse($sizes);
        $area = array_sum(array_map(static fn(array $s): float => $s[0]->m() * $s[1]->m(), $sizes)) / $goes;
        $wetOut = Duration::hours($area / max(1e-6, $in->quantity('wetOut', AreaRate::class)->m2PerH()));
        $late = $wetOut->h() > $life->quantity('usable', Duration::class)->h();

        return new Card(
            [
                Figure::of($stack, 'plies'),
                Figure::of($stack, 'taper'),
                Figure::of($stack, 'glassMass'),
                Figure::of($stack, 'resinMass', 'Resin in the laminate'),
                ...$mixFigures,
                Figure::of($life, 'usable', 'To use a pot, in a tray'),
                Figure::of($ply, 'thickness', 'A ply is'),
                Figure::of($stack, 'sessions', 'Goes'),
            ],
            $this->drawing($in, $sizes, $stack),
            [
                Message::of(
                    'Grind back to sound laminate and feather {taper} all round, 12 to 1; no shine left; vacuum, ' .
                        'then a solvent wipe that dries off.',
                    taper: $stack->quantity('taper', Length::class),
                ),
                ...array_map(
                    static fn(int $n, array $s): Message => Message::of(
                        'Cut ply {ply}: {length} x {width}.',
                        ply: $n + 1,
                        length: $s[0],
                        width: $s[1],
                    ),
                    array_keys($order),
                    $order,
                ),
                Message::of('Back the hole with a waxed board or a pre-laid ply, if it is open behind.'),
                $mixLine,
                $late
                    ? Message::of(
                        'Wetting out takes {wetOut}, longer than a pot of {usable} may be used: mix it in halves.',
                        wetOut: $wetOut,
                        usable: $life->quantity('usable', Duration::class),
                    )
                    : Message::of(
                        'Wet out the surface, then ply by ply in that order; {wetOut} of work, a pot ' .
                            'is good for {usable}.',
                        wetOut: $wetOut,
                        usable: $life->quantity('usable', Duration::class),
                    ),
                Message::of(
                    'Roll each ply until no white and no bubble is left; overlap every edge of the one ' .
                        'below; peel ply last.',
                ),
                $goes > 1.0
                    ? Message::of(
                        '{sessions} goes: let each cool to the hand before the next; a thick wet stack heats, ' .
                            'shrinks and cracks.',
                        sessions: $stack->quantity('sessions', Count::class),
                    )
                    : Message::of('One go; watch the heat, stop if it gets too hot to touch.'),
                Message::of('Wash the blush off, key it, fair and coat.'),
            ],
            self::EPOXY === $in->choice('resin')
                ? ['epoxy', 'fibres', 'sanding']
                : ['polyester', 'mekp', 'fibres', 'sanding'],
        );
    }

    /** @return array{Result, list<Figure>, Message} */
    private function epoxy(Inputs $in, Mass $pot): array
    {
        $ratio = $in->maybeRatio('ratio') ?? MixRatio::of(100.0, 45.0);
        $mix = $this->figures->formulas()->run('mix.by-mass', ['ratio' => $ratio, 'total' => $pot]);

        return [
            $mix,
            [Figure::of($mix, 'base', 'Resin A, for a go'), Figure::of($mix, 'hardener', 'Hardener B, for a go')],
            Message::of(
                'Mix by mass {ratio}: {base} of A and {hardener} of B, two minutes, scrape; into a ' .
                    'flat tray at once. By ' .
                    'mass, not by volume.',
                ratio: $ratio->text(),
                base: $mix->quantity('base', Mass::class),
                hardener: $mix->quantity('hardener', Mass::class),
            ),
        ];
    }

    /** @return array{Result, list<Figure>, Message} */
    private function catalysed(Mass $pot, Temperature $temperature): array
    {
        $mix = $this->figures->formulas()->run('mix.catalyst', ['resin' => $pot, 'temperature' => $temperature]);

        return [
            $mix,
            [new Figure('Resin, for a go', $pot, $mix), Figure::of($mix, 'mass', 'Catalyst, for a go')],
            Message::of(
                'Weigh {pot} of resin; add {mass} of catalyst, stir a minute, scrape.',
                pot: $pot,
                mass: $mix->quantity('mass', Mass::class),
            ),
        ];
    }

    /** @return list<array{Length, Length}> smallest first */
    private function sizes(Inputs $in, int $plies): array
    {
        $lost = $in->quantity('lost', Length::class);

        return array_map(
            static fn(Length $l, Length $w): array => [$l, $w],
            PlyStack::sides($in->quantity('length', Length::class), $lost, $plies),
            PlyStack::sides($in->quantity('width', Length::class), $lost, $plies),
        );
    }

    /** @param list<array{Length, Length}> $sizes smallest first */
    private function drawing(Inputs $in, array $sizes, Result $stack): Drawing
    {
        $hole = $in->quantity('length', Length::class);
        $taper = $stack->quantity('taper', Length::class);
        $whole = $hole->m() + 2.0 * $taper->m();
        $high = $whole * 0.22;
        $each = $high / max(1, count($sizes));
        $bottom = 'smallest first' === $in->choice('order') ? $sizes : array_reverse($sizes);
        $marks = [new Mark('laminate', -0.15 * $whole, 0.0, 1.3 * $whole, $high)];
        foreach ($bottom as $n => [$length, $width]) {
            $marks[] = new Mark(
                'ply',
                ($whole - $length->m()) / 2.0,
                $high - ($n + 1) * $each,
                $length->m(),
                $each * 0.92,
                Message::of('{length} x {width}', length: $length, width: $width),
            );
        }
        $marks[] = new Mark(
            'measure',
            0.0,
            $high * 1.12,
            $taper->m(),
            0.0,
            Message::of('taper {taper}', taper: $taper),
        );
        $marks[] = new Mark(
            'measure',
            $taper->m(),
            $high * 1.12,
            $hole->m(),
            0.0,
            Message::of('hole {hole}', hole: $hole),
        );

        return new Drawing($whole, $high * 1.2, 'section along the hole; thickness not to scale', $marks);
    }
}
