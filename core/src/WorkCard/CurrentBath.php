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
use Hull\Quantity\CurrentDensity;
use Hull\Quantity\Duration;
use Hull\Quantity\ElectricCurrent;
use Hull\Quantity\ElectricPotential;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumeRate;

/** Rust off steel or iron by a current in washing soda, in a tank to its measure. */
final readonly class CurrentBath implements Kind
{
    private const METALS = ['ferrous', 'steel', 'iron'];

    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'current-bath';
    }

    public function name(): string
    {
        return 'Electrolysis tank';
    }

    public function hint(): string
    {
        return 'Soda, current, anodes in line of sight, hours, turns, air';
    }

    public function fields(): array
    {
        return [
            Field::quantity('length', Length::class, 'Tank, length'),
            Field::quantity('width', Length::class, 'Tank, width'),
            Field::quantity('fill', Length::class, 'Filled to'),
            Field::quantity('partLength', Length::class, 'Part, length'),
            Field::quantity('partWidth', Length::class, 'Part, width'),
            Field::optional('area', Area::class, 'Area of the part'),
            Field::optional('displacement', Volume::class, 'Volume of the part', Volume::litres(0.0)),
            Field::choice('grade', 'Rust', $this->figures->table('rust-current')->ids()),
            Field::optional('density', CurrentDensity::class, 'Current density', CurrentDensity::ampsPerDm2(0.5)),
            Field::optional('supply', ElectricCurrent::class, 'Most the supply gives', ElectricCurrent::amperes(10.0)),
            Field::optional('voltage', ElectricPotential::class, 'Volts of the supply', ElectricPotential::volts(12.0)),
            Field::optional('gap', Length::class, 'Gap to the anodes', Length::metres(0.12)),
            Field::optional('anodeSides', Count::class, 'Sides with an anode, of four', Count::of(2.0)),
        ];
    }

    public function sample(): array
    {
        return [
            'length' => '1.2 m',
            'width' => '0.45 m',
            'fill' => '0.35 m',
            'partLength' => '0.9 m',
            'partWidth' => '60 mm',
            'area' => '0.35 m2',
            'grade' => 'scale',
        ];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $families = $piece?->context->substrate()->families ?? self::METALS;
        if ([] === array_intersect(self::METALS, $families)) {
            throw new InvalidInput(
                '/part',
                'Current in washing soda is for steel and iron only.',
                'a part of steel or iron, or no part',
            );
        }
        $registry = $this->figures->formulas();
        $gap = $in->quantity('gap', Length::class);
        $length = $in->quantity('length', Length::class);
        $width = $in->quantity('width', Length::class);
        $sides = max(1, min(4, (int) $in->quantity('anodeSides', Count::class)->value()));
        $wide = $in->quantity('partWidth', Length::class)->m() + 2.0 * $gap->m();
        $long = $in->quantity('partLength', Length::class)->m() + (4 === $sides ? 2.0 * $gap->m() : 0.0);
        if ($wide > $width->m() + 1e-9 || $long > $length->m() + 1e-9) {
            throw new InvalidInput(
                '/width',
                'The part and its anodes do not fit the tank with that gap; where they touch, the current jumps.',
                'a larger tank or a smaller gap, 10 to 15 cm as a rule',
            );
        }
        $fill = $registry->run('mix.tank-fill', [
            'length' => $length,
            'width' => $width,
            'fill' => $in->quantity('fill', Length::class),
            'displacement' => $in->maybe('displacement', Volume::class),
        ]);
        $area = $in->maybe('area', Area::class) ?? $piece?->context->area();
        if (null === $area || $area->m2() <= 0.0) {
            throw new InvalidInput(
                '/area',
                'The area of the part is not known.',
                'an area, or a part that is measured',
            );
        }
        $bath = $registry->run('bath.electrolysis', [
            'volume' => $fill->quantity('volume', Volume::class),
            'area' => $area,
            'density' => $in->maybe('density', CurrentDensity::class),
            'voltage' => $in->maybe('voltage', ElectricPotential::class),
            'supply' => $in->maybe('supply', ElectricCurrent::class),
            'grade' => $in->choice('grade'),
            'anodeSides' => Count::of($sides),
        ]);
        $turns = $bath->quantity('turns', Count::class)->value();
        $time = $bath->quantity('time', Duration::class);

        return new Card(
            [
                Figure::of($bath, 'current'),
                Figure::of($bath, 'time'),
                Figure::of($bath, 'soda'),
                Figure::of($fill, 'volume', 'Water'),
                Figure::of($bath, 'anodes'),
                Figure::of($bath, 'power'),
                Figure::of($bath, 'turns'),
                Figure::of($bath, 'hydrogen'),
                Figure::of($bath, 'air'),
            ],
            self::drawing($in, $sides),
            [
                Message::of(
                    'Outdoors, or with {air} of fresh air: it makes {hydrogen} of hydrogen.',
                    air: $bath->quantity('air', VolumeRate::class),
                    hydrogen: $bath->quantity('hydrogen', VolumeRate::class),
                ),
                Message::of(
                    'Plastic tank, {volume} of water; dissolve {soda} of washing soda. Never table ' .
                        'salt, never caustic.',
                    volume: $fill->quantity('volume', Volume::class),
                    soda: $bath->quantity('soda', Mass::class),
                ),
                Message::of(
                    'Anodes of mild steel, together {anodes}, on {sides} sides, {gap} from the part, ' .
                        'in line of sight. ' .
                        'Never stainless: it leaves chromate.',
                    anodes: $bath->quantity('anodes', Area::class),
                    sides: Count::of($sides),
                    gap: $gap,
                ),
                Message::of(
                    'Degrease the part; hang it so that nothing touches; a clean bright spot for its clamp, ' .
                        'out of the liquid.',
                ),
                Message::of(
                    'Part to minus, anodes to plus. Set {current} or less on an adjustable supply; a charger that ' .
                        'shuts itself off cannot hold it.',
                    current: $bath->quantity('current', ElectricCurrent::class),
                ),
                Message::of('{time} in all; power off before hands go in.', time: $time),
                $turns > 0.0
                    ? Message::of(
                        1.0 === $turns
                            ? 'Sides in shadow: turn it once, after {time}.'
                            : 'Sides in shadow: turn it {turns} times, every {time}.',
                        ...[
                            ...1.0 === $turns ? [] : ['turns' => (int) $turns],
                            'time' => Duration::hours($time->h() / ($turns + 1.0)),
                        ],
                    )
                    : Message::of('Every side faces an anode: no turning.'),
                Message::of(
                    'Scrape the anodes when the current falls. Out, rinse, brush the black off, dry with ' .
                        'heat within minutes, and prime or oil: it rusts again at once.',
                ),
                Message::of('No spring, no hardened or high-strength part: hydrogen makes it brittle.'),
            ],
            ['electrolysis', 'alkali'],
        );
    }

    private static function drawing(Inputs $in, int $sides): Drawing
    {
        $length = $in->quantity('length', Length::class)->m();
        $width = $in->quantity('width', Length::class)->m();
        $partLength = $in->quantity('partLength', Length::class)->m();
        $partWidth = $in->quantity('partWidth', Length::class)->m();
        $gap = $in->quantity('gap', Length::class);
        [$x, $y] = [($length - $partLength) / 2.0, ($width - $partWidth) / 2.0];
        $thick = 0.012;
        $marks = [
            new Mark(
                'tank',
                0.0,
                0.0,
                $length,
                $width,
                Message::of(
                    '{length} x {width}',
                    length: $in->quantity('length', Length::class),
                    width: $in->quantity('width', Length::class),
                ),
            ),
            new Mark('part', $x, $y, $partLength, $partWidth, Message::of('part, minus')),
        ];
        $anodes = [
            [$x, $y - $gap->m() - $thick, $partLength, $thick],
            [$x, $y + $partWidth + $gap->m(), $partLength, $thick],
            [$x - $gap->m() - $thick, $y, $thick, $partWidth],
            [$x + $partLength + $gap->m(), $y, $thick, $partWidth],
        ];
        foreach (array_slice($anodes, 0, $sides) as $number => [$ax, $ay, $aw, $ah]) {
            $marks[] = new Mark(
                'anode',
                $ax,
                $ay,
                $aw,
                $ah,
                0 === $number ? Message::of('anode, plus; {gap} away', gap: $gap) : null,
            );
        }

        return new Drawing($length, $width, 'from above, to scale', $marks);
    }
}
