<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Quantity\Count;
use Hull\Quantity\Density;
use Hull\Quantity\Duration;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\Message;
use Hull\Quantity\Percentage;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;

/** A core poured into a hollow that was sounded at sections: bearer, stringer, transom. */
final readonly class CorePour implements Kind
{
    /** Work time of a filled polyester at 25 C, with its catalyst set for the day (products, typical). */
    private const WORK_AT_C = 25.0;
    private const DEEPER = 4.0;

    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'core-pour';
    }

    public function name(): string
    {
        return 'Pour a core';
    }

    public function hint(): string
    {
        return 'A hollow sounded at sections: litres, pails, catalyst, lifts';
    }

    public function fields(): array
    {
        return [
            Field::rows(
                'sections',
                'Sections, sounded along it',
                Field::quantity('at', Length::class, 'Place'),
                Field::quantity('width', Length::class, 'Width'),
                Field::quantity('depth', Length::class, 'Depth'),
            ),
            Field::optional('inserts', Volume::class, 'Inserts in it', Volume::litres(0.0)),
            Field::optional(
                'allowance',
                Percentage::class,
                'Allowance for what is not seen',
                Percentage::percent(15.0),
            ),
            Field::optional('lift', Length::class, 'Most depth at once', Length::metres(0.05)),
            Field::optional('pail', Volume::class, 'A pail makes', Volume::litres(18.9)),
            Field::optional('density', Density::class, 'Density of the core', Density::kgPerLitre(0.9)),
            Field::optional('temperature', Temperature::class, 'Temperature there'),
        ];
    }

    public function sample(): array
    {
        return [
            'sections' => [
                ['at' => '0 m', 'width' => '90 mm', 'depth' => '120 mm'],
                ['at' => '0.7 m', 'width' => '100 mm', 'depth' => '140 mm'],
                ['at' => '1.4 m', 'width' => '90 mm', 'depth' => '110 mm'],
            ],
        ];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $registry = $this->figures->formulas();
        $temperature =
            $in->maybe('temperature', Temperature::class) ??
            ($piece?->context->air()->temperature ?? Temperature::celsius(20.0));
        $pour = $registry->run('pour.sections', [
            'sections' => $in->rows('sections'),
            'inserts' => $in->maybe('inserts', Volume::class),
            'allowance' => $in->maybe('allowance', Percentage::class),
            'lift' => $in->maybe('lift', Length::class),
            'pail' => $in->maybe('pail', Volume::class),
        ]);
        $need = $pour->quantity('need', Volume::class);
        $lift = $pour->quantity('perLift', Volume::class);
        $density = $in->quantity('density', Density::class)->kgPerL();
        $batches = $registry->run('mix.batches', ['need' => $lift, 'vessel' => $in->quantity('pail', Volume::class)]);
        $each = $batches->quantity('each', Volume::class);
        $mass = Mass::kilograms($each->litresValue() * $density);
        $catalyst = $registry->run('mix.catalyst', ['resin' => $mass, 'temperature' => $temperature]);
        // The dose is set for the day, so the work time is the label's: it is not cut for temperature once more.
        $life = $registry->run('mix.pot-life', [
            'reference' => $this->figures->table('work-time')->at('pour', Duration::class),
            'referenceTemperature' => Temperature::celsius(self::WORK_AT_C),
            'temperature' => Temperature::celsius(self::WORK_AT_C),
        ]);
        $count = $batches->quantity('count', Count::class);

        return new Card(
            [
                Figure::of($pour, 'need'),
                Figure::of($pour, 'pails'),
                Figure::of($pour, 'volume'),
                Figure::of($pour, 'band'),
                Figure::of($pour, 'lifts'),
                Figure::of($pour, 'perLift'),
                Figure::of($batches, 'count', 'Batches in a lift'),
                Figure::of($batches, 'each', 'Each batch'),
                Figure::of($catalyst, 'mass', 'Catalyst for a batch'),
                Figure::of($catalyst, 'volume', 'or by volume'),
                Figure::of($life, 'potLife', 'Work time of a batch'),
            ],
            self::drawing($in, $pour->quantity('lifts', Count::class)->value()),
            [
                Message::of(
                    'Sound it again before you order: half a centimetre of depth is worth {band}.',
                    band: $pour->quantity('band', Volume::class),
                ),
                Message::of(
                    'The hollow is dry, clean and keyed; dams are in and tight; the way for the air to leave ' .
                        'is open at the high end.',
                ),
                Message::of(
                    'Lay out the pails: {need} to have ready, {pails} pails.',
                    need: $need,
                    pails: $pour->quantity('pails', Count::class),
                ),
                Message::of(
                    'Lift by lift, {lifts} of them, {lift} each.',
                    lifts: $pour->quantity('lifts', Count::class),
                    lift: $lift,
                ),
                Message::of('A lift is {count} batches of {each} ({mass}).', count: $count, each: $each, mass: $mass),
                Message::of(
                    'Each batch: stir the core, add {mass} of catalyst ({volume}), mix 4 to 6 ' .
                        'minutes, scrape the sides.',
                    mass: $catalyst->quantity('mass', Mass::class),
                    volume: $catalyst->quantity('volume', Volume::class),
                ),
                Message::of(
                    'Pour from the low end; with the dose set for {temperature} the work time is ' .
                        'about {potLife}. Every batch ' .
                        'reaches the hollow before the one under it gels.',
                    temperature: $temperature,
                    potLife: $life->quantity('potLife', Duration::class),
                ),
                Message::of(
                    'The next lift when the one below has gelled and cooled to the hand, and inside its ' .
                        'window to bond.',
                ),
                Message::of(
                    'Write down what it really took; what is left in the pail sets hard and hot: outdoors, on stone.',
                ),
            ],
            ['polyester', 'mekp'],
        );
    }

    private static function drawing(Inputs $in, float $lifts): Drawing
    {
        $sections = array_map(
            static fn(Inputs $r): array => [
                $r->quantity('at', Length::class)->m(),
                $r->quantity('width', Length::class),
                $r->quantity('depth', Length::class),
            ],
            $in->rows('sections'),
        );
        $first = $sections[0][0];
        $length = $sections[count($sections) - 1][0] - $first;
        $deepest = max(array_map(static fn(array $s): float => $s[2]->m(), $sections));
        $marks = [];
        for ($i = 1; $i < count($sections); ++$i) {
            [$from, , $before] = $sections[$i - 1];
            [$to, , $after] = $sections[$i];
            $steps = 24;
            for ($k = 0; $k < $steps; ++$k) {
                $depth = ($before->m() + (($after->m() - $before->m()) * ($k + 0.5)) / $steps) * self::DEEPER;
                $marks[] = new Mark(
                    'core',
                    $from - $first + (($to - $from) * $k) / $steps,
                    0.0,
                    ($to - $from) / $steps,
                    $depth,
                );
            }
        }
        for ($k = 1; $k < $lifts; ++$k) {
            $marks[] = new Mark('lift', 0.0, ($deepest * self::DEEPER * $k) / $lifts, $length, 0.0);
        }
        foreach ($sections as [$at, $width, $depth]) {
            $marks[] = new Mark(
                'section',
                $at - $first,
                0.0,
                0.0,
                $depth->m() * self::DEEPER,
                Message::of('{width} x {depth}', width: $width, depth: $depth),
            );
        }

        return new Drawing(
            $length,
            $deepest * self::DEEPER,
            'along the hollow, width x depth; depth drawn four times; dashed: lifts',
            $marks,
        );
    }
}
