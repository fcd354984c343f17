<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Climate\Air;
use Hull\Climate\ClimateSeries;
use Hull\Cure\CureClock;
use Hull\Cure\CureFactor;
use Hull\Cure\CureRows;
use Hull\Cure\Zone;
use Hull\Cure\ZoneAdvice;
use Hull\Cure\ZoneSpan;
use Hull\Cure\ZoneWindow;
use Hull\Quantity\Count;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Message;
use Hull\Quantity\PlainRatio;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;

/** Cure clocks and windows (calculations 8). */
final class CureComputations
{
    private const ARRHENIUS = 'rows of the product sheet; ln(hours) linear in 1/T';

    /** @return list<Computation> */
    public static function all(): array
    {
        $row = [
            Field::quantity('temperature', Temperature::class, 'Temperature'),
            Field::quantity('hours', Duration::class, 'Time to the event')->some(),
        ];
        $rows = Field::rows('rows', 'Rows of the sheet', ...$row);
        $at = Field::quantity('temperature', Temperature::class, 'Temperature');

        return [
            new Computation(
                name: 'cure.rows',
                summary: 'Time to an event between the rows of a sheet',
                formula: 'ln(hours) linear in 1/T(K); at most 5 C below the rows; above them held, or carried on for ' .
                    'a window that closes',
                origin: self::ARRHENIUS,
                inputs: [$rows, $at, Field::choice('beyond', 'Above the hottest row', ['held', 'carried on'])],
                outputs: [Field::quantity('time', Duration::class, 'Time')],
                work: static fn(Inputs $in): Outcome => self::marked(
                    Outcome::of([
                        'time' => self::hours(
                            self::rows($in->rows('rows'), 'held' !== $in->choice('beyond')),
                            $in->quantity('temperature', Temperature::class),
                        ),
                    ]),
                    self::rows($in->rows('rows')),
                    $in->quantity('temperature', Temperature::class),
                ),
            ),
            new Computation(
                name: 'cure.clock',
                summary: 'A cure clock through changing temperature',
                formula: 'sum of dt / hours(T); the event is at 1',
                origin: self::ARRHENIUS,
                inputs: [
                    $rows,
                    Field::rows('stretches', 'What has been', $at, Field::quantity('hours', Duration::class, 'For')),
                    Field::optional('temperature', Temperature::class, 'Temperature from here on'),
                ],
                outputs: [
                    Field::quantity('clock', PlainRatio::class, 'Clock'),
                    Field::quantity('remaining', Duration::class, 'Time left'),
                ],
                work: self::clock(...),
            ),
            new Computation(
                name: 'cure.window',
                summary: 'When the next coat may go on',
                formula: 'opens at recoat-min, closes at recoat-max',
                origin: self::ARRHENIUS,
                inputs: [
                    Field::rows('min', 'Recoat-min rows', ...$row),
                    Field::rows('max', 'Recoat-max rows', ...$row),
                    $at,
                ],
                outputs: [
                    Field::quantity('opens', Duration::class, 'Opens after'),
                    Field::quantity('closes', Duration::class, 'Closes after'),
                    Field::quantity('width', Duration::class, 'Stays open'),
                ],
                work: static function (Inputs $in): Outcome {
                    $t = $in->quantity('temperature', Temperature::class);
                    $opens = self::hours(self::rows($in->rows('min')), $t);
                    $closes = self::hours(self::rows($in->rows('max'), true), $t);

                    return Outcome::of([
                        'opens' => $opens,
                        'closes' => $closes,
                        'width' => Duration::hours(max(0.0, $closes->h() - $opens->h())),
                    ])->warnIf(
                        $closes->h() <= $opens->h(),
                        'There is no window at this temperature: abrade before the next coat.',
                    );
                },
            ),
            new Computation(
                name: 'cure.film-factor',
                summary: 'How a thick film slows the cure',
                formula: '(DFT / DFT of the sheet)^2',
                origin: 'solvent release',
                inputs: [
                    Field::quantity('film', FilmThickness::class, 'Film')->within(
                        static fn(Range $r): Range => $r->upTo(1e4),
                    ),
                    Field::quantity('sheet', FilmThickness::class, 'Film of the sheet')->within(
                        static fn(Range $r): Range => $r->from(1.0),
                    ),
                ],
                outputs: [Field::quantity('factor', PlainRatio::class, 'Factor on the sheet\'s time')],
                work: static fn(Inputs $in): Outcome => Outcome::of([
                    'factor' => PlainRatio::of(
                        CureFactor::thickness(
                            $in->quantity('film', FilmThickness::class),
                            $in->quantity('sheet', FilmThickness::class),
                        ),
                    ),
                ]),
                kind: Source::Estimate,
            ),
            new Computation(
                name: 'cure.zones',
                summary: 'When the second coat may start on a part that takes time',
                formula: 'max(min + a - b) <= s <= min(max + a - b) over all zones',
                origin: 'each zone keeps its own clock',
                inputs: [
                    Field::quantity('min', Duration::class, 'Recoat-min'),
                    Field::quantity('max', Duration::class, 'Recoat-max'),
                    Field::rows(
                        'zones',
                        'Zones',
                        Field::quantity('first', Duration::class, 'Put on in coat 1 after'),
                        Field::quantity('second', Duration::class, 'Put on in coat 2 after'),
                    ),
                ],
                outputs: [
                    Field::quantity('earliest', Duration::class, 'Earliest start'),
                    Field::quantity('latest', Duration::class, 'Latest start'),
                    Field::quantity('slack', Duration::class, 'Slack'),
                    Field::quantity('sections', Count::class, 'Sections needed'),
                    Field::choice('open', 'Can be done whole', ['true', 'false']),
                ],
                work: self::zones(...),
            ),
            new Computation(
                name: 'cure.zones-in-air',
                summary: 'When the next coat of a part that takes time may start, in air that changes',
                formula: 'opens_i <= start + b_i < closes_i over zones along both coats; each zone runs its own ' .
                    'clock ' .
                    'through the air',
                origin: self::ARRHENIUS,
                inputs: [
                    Field::rows('min', 'Recoat-min rows', ...$row),
                    Field::rows('max', 'Recoat-max rows', ...$row),
                    Field::quantity('first', Duration::class, 'The first coat takes'),
                    Field::quantity('second', Duration::class, 'The next coat takes'),
                    Field::rows(
                        'air',
                        'Air from the first stroke on; the last holds',
                        $at,
                        Field::quantity('hours', Duration::class, 'For'),
                    ),
                ],
                outputs: [
                    Field::quantity('earliest', Duration::class, 'Earliest start'),
                    Field::quantity('latest', Duration::class, 'Latest start'),
                    Field::quantity('slack', Duration::class, 'Slack'),
                    Field::quantity('sections', Count::class, 'Sections that would do'),
                    Field::quantity('helpers', Count::class, 'Helpers that would do'),
                    Field::choice('open', 'Can be done whole', ['true', 'false']),
                ],
                work: self::zonesInAir(...),
            ),
        ];
    }

    /** @param non-empty-list<Inputs> $rows */
    private static function rows(array $rows, bool $carries = false): CureRows
    {
        $byCelsius = [];
        foreach ($rows as $row) {
            $celsius = (string) $row->quantity('temperature', Temperature::class)->c();
            $byCelsius[$celsius] = isset($byCelsius[$celsius])
                ? throw new InvalidQuantity(sprintf('%s C stands twice.', $celsius), 'one row for each temperature')
                : $row->quantity('hours', Duration::class)->h();
        }

        return CureRows::of($byCelsius, $carries);
    }

    private static function hours(CureRows $rows, Temperature $at): Duration
    {
        return $rows->hoursAt($at) ??
            throw new InvalidQuantity(
                sprintf('At %.1f C the film is not curing, or the sheet does not reach that far.', $at->c()),
                sprintf('a temperature at most %.0f C below the coldest row of the sheet', CureRows::REACH_C),
                'temperature',
            );
    }

    private static function marked(Outcome $outcome, CureRows $rows, Temperature $at): Outcome
    {
        return $outcome->warnIf(
            $rows->isOutsideRows($at),
            1 === count($rows->rows())
                ? 'The sheet has one row; ten degrees double or halve it (estimate).'
                : 'Outside the rows of the sheet: at most 5 C below them; above them at least as fast as in ' .
                    'the hottest.',
        );
    }

    /** Humidity does not touch the clock of a solvent film; any will do. */
    private static function at(Temperature $temperature): Air
    {
        return Air::of($temperature, RelativeHumidity::percent(50));
    }

    private static function clock(Inputs $in): Outcome
    {
        $rows = self::rows($in->rows('rows'));
        $clock = CureClock::start($rows);
        foreach ($in->rows('stretches') as $stretch) {
            $clock = $clock->run(
                $stretch->quantity('hours', Duration::class),
                self::at($stretch->quantity('temperature', Temperature::class)),
            );
        }
        $outcome = Outcome::of(['clock' => PlainRatio::of($clock->reading)]);
        $from = $in->maybe('temperature', Temperature::class);
        if (null === $from) {
            return $outcome;
        }
        $left = $clock->remainingIn(self::at($from));

        return null === $left
            ? $outcome->warn('At the temperature from here on the film is not curing.')
            : self::marked(Outcome::of([...$outcome->values, 'remaining' => $left]), $rows, $from);
    }

    private static function zones(Inputs $in): Outcome
    {
        $zones = array_map(
            static fn(Inputs $z): Zone => new Zone(
                $z->quantity('first', Duration::class)->h(),
                $z->quantity('second', Duration::class)->h(),
            ),
            $in->rows('zones'),
        );
        $window = ZoneWindow::of($in->quantity('min', Duration::class), $in->quantity('max', Duration::class), $zones);
        $values = [
            'sections' => Count::of($window->sections),
            'open' => $window->isOpen(),
            'slack' => Duration::hours($window->slack()),
        ];
        if (!$window->isOpen()) {
            return Outcome::of($values)->warn(
                Message::of(
                    'Too big for this film at this pace in this weather: split into {sections} sections with ' .
                        'faded edges, add helpers, or take a slower film.',
                    sections: $window->sections,
                ),
            );
        }

        return Outcome::of([
            ...$values,
            'earliest' => Duration::hours(max(0.0, $window->earliest)),
            'latest' => Duration::hours(max(0.0, $window->latest)),
        ]);
    }

    private static function zonesInAir(Inputs $in): Outcome
    {
        $readings = [];
        $hour = 0.0;
        foreach ($in->rows('air') as $stretch) {
            $readings[] = [$hour, self::at($stretch->quantity('temperature', Temperature::class))];
            $hour += $stretch->quantity('hours', Duration::class)->h();
        }
        $air = ClimateSeries::of($readings);
        [$min, $max] = [
            CureClock::start(self::rows($in->rows('min'))),
            CureClock::start(self::rows($in->rows('max'), true)),
        ];
        $opens = static fn(float $laid): ?float => $min->reachedAt($air, $laid);
        $closes = static fn(float $laid): ?float => $max->reachedAt($air, $laid);
        [$first, $second] = [
            $in->quantity('first', Duration::class)->h(),
            $in->quantity('second', Duration::class)->h(),
        ];
        $span = ZoneSpan::of(ZoneSpan::along(0.0, $first, $second), $opens, $closes);
        $values = ['open' => $span->isOpen(), 'slack' => Duration::hours($span->slack() ?? 0.0)];
        if ($span->isOpen()) {
            return Outcome::of([
                // Without an end there is no telling how much time there is to spare.
                ...null === $span->latest ? ['open' => true] : $values,
                'earliest' => Duration::hours(max(0.0, $span->earliest ?? 0.0)),
                ...null === $span->latest ? [] : ['latest' => Duration::hours(max(0.0, $span->latest))],
            ])->warnIf(null === $span->latest, 'In this air the window does not close within a year.');
        }
        $advice = ZoneAdvice::of(0.0, $first, $second, $opens, $closes);
        $outcome = Outcome::of([
            ...$values,
            ...null === $advice->sections ? [] : ['sections' => Count::of($advice->sections)],
            ...null === $advice->helpers ? [] : ['helpers' => Count::of($advice->helpers)],
        ])->warn(
            null === $span->earliest
                ? 'Somewhere in this air the film never comes to recoat-min.'
                : 'Too big for this film at this pace in this air.',
        );
        foreach ($advice->words() as $words) {
            $outcome = $outcome->warn($words);
        }

        return $outcome;
    }
}
