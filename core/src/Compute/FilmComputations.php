<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Film\Coverage;
use Hull\Film\Strokes;
use Hull\Quantity\Area;
use Hull\Quantity\AreaRate;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Length;
use Hull\Quantity\Percentage;
use Hull\Quantity\Speed;
use Hull\Quantity\SpreadingRate;
use Hull\Quantity\Volume;
use Hull\Quantity\VolumePerArea;

/** Film and coverage (calculations 2). */
final class FilmComputations
{
    private const MOST_LOST = 0.95;
    public const SOLIDS = 'volume solids: what is left of a wet film when it is dry';

    /** @return list<Computation> */
    public static function all(): array
    {
        $vs = Field::quantity('solids', Percentage::class, 'Volume solids')->some();
        $dft = Field::quantity('dft', FilmThickness::class, 'Dry film')->within(
            static fn(Range $r): Range => $r->from(0.1),
        );
        $area = Field::quantity('area', Area::class, 'Area');

        return [
            new Computation(
                name: 'film.spreading-rate',
                summary: 'Area one litre covers at a dry film',
                formula: '10 x VS% / DFT[um]',
                origin: self::SOLIDS,
                inputs: [$vs, $dft],
                outputs: [Field::quantity('rate', SpreadingRate::class, 'Spreading rate')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'rate' => Coverage::spreadingRate(
                        $in->quantity('solids', Percentage::class),
                        $in->quantity('dft', FilmThickness::class),
                    ),
                ]),
            ),
            new Computation(
                name: 'film.loss-measured',
                summary: 'Share of paint that never reached the part, by what coats took',
                formula: '1 - what their films hold / what was used; at least 0',
                origin: 'own record',
                inputs: [
                    Field::quantity('onPart', Volume::class, 'In the films'),
                    Field::quantity('used', Volume::class, 'Used')->some(),
                ],
                outputs: [Field::quantity('loss', Percentage::class, 'Loss')],
                work: static function (Inputs $in): Outcome {
                    $share =
                        $in->quantity('onPart', Volume::class)->litresValue() /
                        $in->quantity('used', Volume::class)->litresValue();

                    return Outcome::of([
                        'loss' => Percentage::ratio(min(self::MOST_LOST, max(0.0, 1.0 - $share))),
                    ])->warnIf(
                        $share > 1.0,
                        'Less was used than the films should hold: they are thinner than planned. Measure them.',
                    );
                },
                kind: Source::Measured,
            ),
            new Computation(
                name: 'film.wet',
                summary: 'Wet film to lay for a dry film',
                formula: 'DFT x (1 + thinner) / VS',
                origin: self::SOLIDS,
                inputs: [
                    $dft,
                    $vs,
                    Field::optional('thinner', Percentage::class, 'Thinner per mixed paint', Percentage::percent(0)),
                ],
                outputs: [Field::quantity('wft', FilmThickness::class, 'Wet film')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'wft' => Coverage::wetFilm(
                        $in->quantity('dft', FilmThickness::class),
                        $in->quantity('solids', Percentage::class),
                        $in->quantity('thinner', Percentage::class),
                    ),
                ]),
            ),
            new Computation(
                name: 'film.aerosol',
                summary: 'Area one can covers in one coat',
                formula: 'net volume x VS x (1 - loss) x 1000 / DFT[um]',
                origin: self::SOLIDS,
                inputs: [
                    Field::quantity('volume', Volume::class, 'Net volume of a can')->some(),
                    $vs,
                    Field::quantity('loss', Percentage::class, 'Loss')->within(self::lost(...)),
                    $dft,
                    Field::optional('part', Area::class, 'Area to coat', Area::squareMetres(0)),
                    Field::optional('coats', Count::class, 'Coats', Count::of(1))->some(),
                ],
                outputs: [
                    Field::quantity('area', Area::class, 'Area per coat and can'),
                    Field::quantity('cans', Count::class, 'Cans'),
                ],
                work: static function (Inputs $in): Outcome {
                    $area = Coverage::aerosolArea(
                        $in->quantity('volume', Volume::class),
                        $in->quantity('solids', Percentage::class),
                        $in->quantity('loss', Percentage::class),
                        $in->quantity('dft', FilmThickness::class),
                    );

                    return Outcome::of([
                        'area' => $area,
                        'cans' => Count::of(
                            $area->m2() > 0.0
                                ? ($in->quantity('part', Area::class)->m2() *
                                        $in->quantity('coats', Count::class)->value()) /
                                    $area->m2()
                                : 0.0,
                        ),
                    ]);
                },
            ),
            new Computation(
                name: 'film.overlap',
                summary: 'Pace of a spray fan',
                formula: 'fan x (1 - overlap) x speed; time = area / pace',
                origin: 'geometry of the fan',
                inputs: [
                    Field::quantity('fan', Length::class, 'Fan width')->some(),
                    Field::optional('overlap', Percentage::class, 'Overlap', Percentage::percent(50))->within(
                        self::lost(...),
                    ),
                    Field::quantity('speed', Speed::class, 'Gun speed')->some(),
                    Field::optional('area', Area::class, 'Area', Area::squareMetres(0)),
                ],
                outputs: [
                    Field::quantity('pace', AreaRate::class, 'Pace'),
                    Field::quantity('passes', Count::class, 'Passes over a spot per trip'),
                    Field::quantity('time', Duration::class, 'Time per coat'),
                ],
                work: self::overlap(...),
            ),
            new Computation(
                name: 'film.coats-to-hide',
                summary: 'Coats until the old colour is gone',
                formula: 'ceil(hiding DFT / DFT per coat)',
                origin: 'hiding film of the product sheet',
                inputs: [
                    Field::quantity('hiding', FilmThickness::class, 'Hiding film'),
                    Field::quantity('dft', FilmThickness::class, 'Film per coat')->within(
                        static fn(Range $r): Range => $r->from(0.1),
                    ),
                ],
                outputs: [Field::quantity('coats', Count::class, 'Coats')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'coats' => Strokes::coatsToHide(
                        $in->quantity('hiding', FilmThickness::class),
                        $in->quantity('dft', FilmThickness::class),
                    ),
                ]),
            ),
            new Computation(
                name: 'film.stripe',
                summary: 'A stripe coat on edges, welds and bolts',
                formula: 'edge length x width of the band x DFT / (10 x VS%) / (1 - loss)',
                origin: 'trade practice: by brush, before each full coat',
                inputs: [
                    Field::quantity('length', Length::class, 'Edges'),
                    Field::optional('width', Length::class, 'Width of the band', Length::metres(0.03)),
                    $vs,
                    $dft,
                    Field::optional('loss', Percentage::class, 'Loss', Percentage::percent(7))->within(self::lost(...)),
                ],
                outputs: [
                    Field::quantity('needed', Volume::class, 'Paint'),
                    Field::quantity('area', Area::class, 'Band'),
                ],
                work: static function (Inputs $in): Outcome {
                    $band = Area::squareMetres(
                        $in->quantity('length', Length::class)->m() * $in->quantity('width', Length::class)->m(),
                    );

                    return Outcome::of([
                        'area' => $band,
                        'needed' => Coverage::quantity(
                            $band,
                            1.0,
                            $in->quantity('dft', FilmThickness::class),
                            $in->quantity('solids', Percentage::class),
                            $in->quantity('loss', Percentage::class),
                            VolumePerArea::litresPerM2(0),
                        ),
                    ]);
                },
            ),
            new Computation(
                name: 'film.remaining',
                summary: 'How long a film still lasts, by the gauge',
                formula: '(measured - least) / loss per year',
                origin: 'gauge readings; even wear',
                inputs: [
                    Field::quantity('measured', FilmThickness::class, 'Measured now'),
                    Field::quantity('least', FilmThickness::class, 'Least that protects'),
                    Field::quantity('perYear', FilmThickness::class, 'Lost in a year')->within(
                        static fn(Range $r): Range => $r->from(0.01),
                    ),
                ],
                outputs: [Field::quantity('time', Duration::class, 'Lasts')],
                work: static function (Inputs $in): Outcome {
                    $worn = $in->quantity('perYear', FilmThickness::class)->um();
                    if ($worn <= 0.0) {
                        throw new InvalidQuantity(
                            'A film that loses nothing has no end to tell.',
                            'a loss above 0 um a year',
                        );
                    }
                    $left =
                        $in->quantity('measured', FilmThickness::class)->um() -
                        $in->quantity('least', FilmThickness::class)->um();

                    return Outcome::of(['time' => Duration::hours((max(0.0, $left) / $worn) * 8766.0)])->warnIf(
                        $left <= 0.0,
                        'It is thinner than what protects already.',
                    );
                },
                kind: Source::Estimate,
            ),
            new Computation(
                name: 'film.clearance',
                summary: 'Film build against a sliding fit',
                formula: 'sum of films x faces against gap - tolerance',
                origin: 'sum of layers',
                inputs: [
                    Field::rows('layers', 'Films on one face', $dft),
                    Field::optional('faces', Count::class, 'Coated faces in the gap', Count::of(2)),
                    Field::optional('gap', FilmThickness::class, 'Gap of the fit'),
                    Field::optional('tolerance', FilmThickness::class, 'Play to keep', FilmThickness::micrometres(0)),
                ],
                outputs: [
                    Field::quantity('build', FilmThickness::class, 'Film in the gap'),
                    Field::quantity('remove', FilmThickness::class, 'To take off'),
                ],
                work: self::clearance(...),
            ),
        ];
    }

    /** Something reaches the part. */
    public static function lost(Range $share): Range
    {
        return $share->upTo(self::MOST_LOST);
    }

    private static function overlap(Inputs $in): Outcome
    {
        $pace = Strokes::rate(
            $in->quantity('fan', Length::class),
            $in->quantity('overlap', Percentage::class),
            $in->quantity('speed', Speed::class),
        );

        return Outcome::of([
            'pace' => $pace,
            'passes' => Strokes::passesPerTrip($in->quantity('overlap', Percentage::class)),
            'time' => Strokes::time($in->quantity('area', Area::class), $pace),
        ]);
    }

    private static function clearance(Inputs $in): Outcome
    {
        $sum = array_sum(
            array_map(
                static fn(Inputs $row): float => $row->quantity('dft', FilmThickness::class)->um(),
                $in->rows('layers'),
            ),
        );
        $build = $sum * $in->quantity('faces', Count::class)->value();
        $gap = $in->maybe('gap', FilmThickness::class);
        $over =
            null === $gap
                ? 0.0
                : max(0.0, $build + $in->quantity('tolerance', FilmThickness::class)->um() - $gap->um());

        return Outcome::of([
            'build' => FilmThickness::micrometres($build),
            'remove' => FilmThickness::micrometres($over),
        ])->warnIf($over > 0.0, 'The fit is too tight for these films: mask a face or take the film off it.');
    }
}
