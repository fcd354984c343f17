<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\CoatSheets;
use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Figures;
use Hull\Compute\Inputs;
use Hull\Input\InvalidInput;
use Hull\Quantity\Count;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Message;

/**
 * Whether what slides, turns or screws still goes together with the films on it: laid ones as measured, planned ones
 * by their sheet.
 */
final readonly class FitCheck implements Kind
{
    public function __construct(private Figures $figures) {}

    public function id(): string
    {
        return 'fit-check';
    }

    public function name(): string
    {
        return 'Films in a fit';
    }

    public function hint(): string
    {
        return 'Build against the gap of a sliding fit or a thread: what to mask or take off';
    }

    public function fields(): array
    {
        return [
            Field::quantity('gap', FilmThickness::class, 'Gap, over both sides'),
            Field::optional('play', FilmThickness::class, 'Play to keep', FilmThickness::micrometres(50.0)),
            Field::optional('faces', Count::class, 'Coated faces in the gap', Count::of(2.0)),
            Field::optional('build', FilmThickness::class, 'Films on one face'),
        ];
    }

    public function sample(): array
    {
        return ['gap' => '0.2 mm', 'play' => '50 um', 'build' => '140 um'];
    }

    public function work(Inputs $in, ?Workpiece $piece): Card
    {
        $build = $in->maybe('build', FilmThickness::class);
        $films = null !== $build ? [[Message::of('Given'), $build]] : (null === $piece ? [] : self::films($piece));
        if ([] === $films) {
            throw new InvalidInput(
                '/build',
                'No film is known for this fit.',
                'the films on one face, or a part whose route lays coats',
            );
        }
        $faces = $in->quantity('faces', Count::class);
        $gap = $in->quantity('gap', FilmThickness::class);
        $clear = $this->figures->formulas()->run('film.clearance', [
            'layers' => array_map(static fn(array $f): Inputs => Inputs::row(['dft' => $f[1]]), $films),
            'faces' => $faces,
            'gap' => $gap,
            'tolerance' => $in->quantity('play', FilmThickness::class),
        ]);
        $one = FilmThickness::micrometres(array_sum(array_map(static fn(array $f): float => $f[1]->um(), $films)));
        $over = $clear->quantity('remove', FilmThickness::class);
        $masked = $over->um() <= $one->um();

        return new Card(
            [
                Figure::of($clear, 'build'),
                Figure::of($clear, 'remove'),
                new Figure('On one face', $one, $clear),
                new Figure('Gap', $gap, $clear),
            ],
            self::drawing($films, $gap, (int) $faces->value()),
            [
                ...array_map(
                    static fn(array $f): Message => Message::of('{film}: {thickness}.', film: $f[0], thickness: $f[1]),
                    $films,
                ),
                $over->um() <= 0.0
                    ? Message::of(
                        'It goes together: {build} of film in a gap of {gap}.',
                        build: $clear->quantity('build', FilmThickness::class),
                        gap: $gap,
                    )
                    : Message::of(
                        $masked
                            ? 'Mask one of the faces through every coat: that alone gives {one} ' .
                                'back, {over} are wanted.'
                            : 'Masking one face gives {one} back, {over} are wanted: mask both, and grease or wax ' .
                                'the bare fit.',
                        one: $one,
                        over: $over,
                    ),
                Message::of('Threads stay bare: plug or mask them, chase them after the last coat, and oil them.'),
                Message::of(
                    'Film that is on already: off the fit with a scraper and P320, edges feathered, gauge again.',
                ),
            ],
            [],
        );
    }

    /** @return list<array{Message, FilmThickness}> bottom to top */
    private static function films(Workpiece $piece): array
    {
        $log = $piece->part->log;
        $done = $piece->replay(
            [] === $log
                ? new \DateTimeImmutable('@0')
                : max(array_map(static fn(\Hull\Job\LogEntry $e): \DateTimeImmutable => $e->at, $log)),
        );
        $films = [];
        foreach ($done->state->films as $film) {
            $films[] = [
                Message::of(
                    $film->measured ? '{film}, measured' : '{film}, laid, by its sheet',
                    film: $film->product->name,
                ),
                $film->thickness,
            ];
        }
        foreach (CoatSheets::under($piece, $piece->route()) as [$step, $product]) {
            if (!isset($done->finished[$step->key])) {
                $films[] = [Message::of('{film}, planned', film: $product->name), $product->dft];
            }
        }

        return $films;
    }

    /** @param list<array{Message, FilmThickness}> $films */
    private static function drawing(array $films, FilmThickness $gap, int $faces): Drawing
    {
        $high = max($gap->um(), 2.0 * array_sum(array_map(static fn(array $f): float => $f[1]->um(), $films)), 1.0);
        $marks = [
            new Mark('part', 0.0, -0.3 * $high, $high, 0.3 * $high),
            new Mark('part', 0.0, $gap->um(), $high, 0.3 * $high),
        ];
        $from = 0.0;
        foreach ($films as [$name, $thickness]) {
            $marks[] = new Mark(
                'ply',
                0.0,
                $from,
                $high,
                $thickness->um(),
                Message::of('{film} {thickness}', film: $name, thickness: $thickness),
            );
            if ($faces > 1) {
                $marks[] = new Mark('ply', 0.0, $gap->um() - $from - $thickness->um(), $high, $thickness->um());
            }
            $from += $thickness->um();
        }

        return new Drawing($high, $high, 'the gap, to scale; films that overlap do not fit', $marks);
    }
}
