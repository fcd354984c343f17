<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Laminate\Cavity;
use Hull\Laminate\PlyStack;
use Hull\Quantity\Area;
use Hull\Quantity\Count;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;
use Hull\Quantity\MassPerArea;
use Hull\Quantity\Percentage;
use Hull\Quantity\Table;
use Hull\Quantity\UnitSystem;
use Hull\Quantity\Volume;

/** Laminates, fairing and pours (calculations 5). */
final class LaminateComputations
{
    private const HAND = 'glass 2.56, resin 1.2 kg/L, laid by hand';
    /** A round of fairing compound, and what sanding takes of it. */
    private const ROUND_M = 0.005;
    private const SANDED = 1.15;
    /** What half a centimetre of depth is mistaken for. */
    private const DEPTH_ERROR_M = 0.005;

    /** @return list<Computation> */
    public static function all(Table $share): array
    {
        $glass = Field::quantity('glass', MassPerArea::class, 'Glass')->within(
            static fn(Range $r): Range => $r->from(20.0)->upTo(3000.0),
        );
        $kind = Field::choice('kind', 'Kind of glass', $share->ids());
        $depth = Field::quantity('depth', Length::class, 'Depth')->within(
            static fn(Range $r): Range => $r->upTo(100.0),
        );

        return [
            new Computation(
                name: 'laminate.ply',
                summary: 'Resin and thickness of a ply',
                formula: 'resin = glass x (1 - f) / f; thickness = glass / 2.56 + resin / 1.2; f: ' . $share->words(),
                origin: self::HAND,
                inputs: [$glass, $kind],
                outputs: [
                    Field::quantity('resin', MassPerArea::class, 'Resin'),
                    Field::quantity('thickness', Length::class, 'Thickness'),
                ],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'resin' => PlyStack::resin(self::glass($in), self::fraction($in, $share)),
                    'thickness' => PlyStack::thickness(self::glass($in), self::fraction($in, $share)),
                ]),
                kind: Source::Typical,
            ),
            new Computation(
                name: 'laminate.stack',
                summary: 'Plies, taper and resin for a hole',
                formula: 'plies = ceil(thickness / ply); taper = 12 x thickness; each ply reaches further up the taper',
                origin: self::HAND,
                inputs: [
                    $glass,
                    $kind,
                    Field::quantity('lost', Length::class, 'Thickness lost')->within(
                        static fn(Range $r): Range => $r->above(0.0)->upTo(0.1),
                    ),
                    Field::quantity('length', Length::class, 'Hole, length')->within(
                        static fn(Range $r): Range => $r->upTo(100.0),
                    ),
                    Field::quantity('width', Length::class, 'Hole, width')->within(
                        static fn(Range $r): Range => $r->upTo(100.0),
                    ),
                    Field::optional(
                        'perSession',
                        Count::class,
                        'Plies that may be laid at once before they heat',
                        Count::of(4),
                    )->some(),
                ],
                outputs: [
                    Field::quantity('plies', Count::class, 'Plies'),
                    Field::quantity('taper', Length::class, 'Taper on each side'),
                    Field::quantity('glassMass', Mass::class, 'Glass'),
                    Field::quantity('resinMass', Mass::class, 'Resin'),
                    Field::quantity('sessions', Count::class, 'Goes'),
                ],
                work: static fn(Inputs $in): Outcome => self::stack($in, self::fraction($in, $share)),
                kind: Source::Typical,
            ),
            new Computation(
                name: 'fairing.volume',
                summary: 'Fairing compound for a low',
                formula: 'area x depth / 2 x 1.15; a round per 5 mm and one thin one',
                origin: 'trade practice',
                inputs: [Field::quantity('area', Area::class, 'Low area'), $depth],
                outputs: [
                    Field::quantity('volume', Volume::class, 'Compound'),
                    Field::quantity('rounds', Count::class, 'Rounds expected'),
                ],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'volume' => Volume::litres(
                        (($in->quantity('area', Area::class)->m2() * $in->quantity('depth', Length::class)->m()) /
                            2.0) *
                            self::SANDED *
                            1000.0,
                    ),
                    'rounds' => Count::of(
                        1.0 + ceil($in->quantity('depth', Length::class)->m() / self::ROUND_M - 1e-9),
                    ),
                ]),
                kind: Source::Estimate,
            ),
            new Computation(
                name: 'pour.prism',
                summary: 'A core poured into a plain hollow',
                formula: 'length x width x depth - inserts; and 10 to 25 % for what is not seen',
                origin: 'geometry; allowance is trade practice',
                inputs: [
                    Field::quantity('length', Length::class, 'Length'),
                    Field::quantity('width', Length::class, 'Width'),
                    $depth,
                    ...self::pouring(),
                ],
                outputs: self::poured(),
                work: static function (Inputs $in): Outcome {
                    $zero = Length::metres(0.0);
                    $section = static fn(Length $at): array => [
                        $at,
                        $in->quantity('width', Length::class),
                        $in->quantity('depth', Length::class),
                    ];

                    return self::pour(
                        $in,
                        new Cavity([$section($zero), $section($in->quantity('length', Length::class))]),
                    );
                },
            ),
            new Computation(
                name: 'pour.sections',
                summary: 'A core poured into a hollow measured at sections',
                formula: 'trapezoid rule over width x depth - inserts; and 10 to 25 % for what is not seen',
                origin: 'geometry; allowance is trade practice',
                inputs: [
                    Field::rows(
                        'sections',
                        'Sections',
                        Field::quantity('at', Length::class, 'Place along it'),
                        Field::quantity('width', Length::class, 'Width'),
                        $depth,
                    ),
                    ...self::pouring(),
                ],
                outputs: self::poured(),
                work: static function (Inputs $in): Outcome {
                    $sections = array_map(
                        static fn(Inputs $r): array => [
                            $r->quantity('at', Length::class),
                            $r->quantity('width', Length::class),
                            $r->quantity('depth', Length::class),
                        ],
                        $in->rows('sections'),
                    );
                    for ($i = 1; $i < count($sections); ++$i) {
                        if ($sections[$i][0]->m() <= $sections[$i - 1][0]->m()) {
                            throw new InvalidQuantity(
                                'The sections do not follow one another.',
                                'two or more sections, each further along than the one before',
                                'sections',
                            );
                        }
                    }
                    if (count($sections) < 2) {
                        throw new InvalidQuantity('One section is no hollow.', 'two or more sections', 'sections');
                    }

                    return self::pour($in, new Cavity($sections));
                },
            ),
        ];
    }

    /** @return list<Field> */
    private static function pouring(): array
    {
        return [
            Field::optional('inserts', Volume::class, 'Inserts in it', Volume::litres(0.0)),
            Field::optional('allowance', Percentage::class, 'Allowance', Percentage::ratio(0.15)),
            Field::optional('lift', Length::class, 'Most depth poured at once', Length::metres(0.02))->within(
                static fn(Range $r): Range => $r->from(0.001),
            ),
            Field::optional('pail', Volume::class, 'A pail makes', Volume::litres(5.0))->within(
                static fn(Range $r): Range => $r->from(0.1),
            ),
        ];
    }

    /** @return list<Field> */
    private static function poured(): array
    {
        return [
            Field::quantity('volume', Volume::class, 'Hollow'),
            Field::quantity('need', Volume::class, 'To have ready'),
            Field::quantity('band', Volume::class, 'Half a centimetre of depth is worth'),
            Field::quantity('lifts', Count::class, 'Lifts'),
            Field::quantity('perLift', Volume::class, 'In a lift'),
            Field::quantity('pails', Count::class, 'Pails'),
        ];
    }

    private static function pour(Inputs $in, Cavity $cavity): Outcome
    {
        $inserts = $in->quantity('inserts', Volume::class)->litresValue();
        $volume = $cavity->volume()->litresValue() - $inserts;
        if ($volume < 0.0) {
            throw new InvalidQuantity(
                'The inserts are larger than the hollow.',
                'inserts smaller than the hollow',
                'inserts',
            );
        }
        $allowance = $in->quantity('allowance', Percentage::class)->ratioValue();
        $need = $volume * (1.0 + $allowance);
        $lifts = max(1.0, ceil($cavity->deepest()->m() / max(1e-6, $in->quantity('lift', Length::class)->m()) - 1e-9));

        return Outcome::of([
            'volume' => Volume::litres($volume),
            'need' => Volume::litres($need),
            'band' => Volume::litres(
                $cavity->volume(Length::metres(self::DEPTH_ERROR_M))->litresValue() - $cavity->volume()->litresValue(),
            ),
            'lifts' => Count::of($lifts),
            'perLift' => Volume::litres($need / $lifts),
            'pails' => Count::of(ceil($need / max(1e-6, $in->quantity('pail', Volume::class)->litresValue()) - 1e-9)),
        ])
            ->warnIf(
                $allowance < 0.1 || $allowance > 0.25,
                'Ten to twenty-five per cent is usual for voids that are not seen.',
            )
            ->warnIf(
                $lifts > 1.0,
                'Each lift must reach the hollow before the one under it gels, and within its window to bond.',
            );
    }

    private static function stack(Inputs $in, Percentage $share): Outcome
    {
        $lost = $in->quantity('lost', Length::class);
        $plies = PlyStack::plies($lost, self::glass($in), $share);
        $lengths = PlyStack::sides($in->quantity('length', Length::class), $lost, $plies);
        $widths = PlyStack::sides($in->quantity('width', Length::class), $lost, $plies);
        $area = array_sum(array_map(static fn(Length $l, Length $w): float => $l->m() * $w->m(), $lengths, $widths));
        $session = max(1.0, $in->quantity('perSession', Count::class)->value());

        return Outcome::of([
            'plies' => Count::of((float) $plies),
            'taper' => Length::metres(PlyStack::TAPER * $lost->m()),
            'glassMass' => Mass::grams($area * self::glass($in)->gPerM2()),
            'resinMass' => Mass::grams($area * PlyStack::resin(self::glass($in), $share)->gPerM2()),
            'sessions' => Count::of(ceil($plies / $session)),
            'sizes' => implode(
                '; ',
                array_map(
                    static fn(Length $l, Length $w): string => $l->format(UnitSystem::Metric) .
                        ' x ' .
                        $w->format(UnitSystem::Metric),
                    $lengths,
                    $widths,
                ),
            ),
        ])->warnIf($plies > $session, 'Lay it in more than one go: a thick wet stack heats, shrinks and cracks.');
    }

    private static function glass(Inputs $in): MassPerArea
    {
        return $in->quantity('glass', MassPerArea::class);
    }

    private static function fraction(Inputs $in, Table $share): Percentage
    {
        return $share->at($in->choice('kind'), Percentage::class);
    }
}
