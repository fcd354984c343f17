<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Replayed;
use Hull\Catalog\Step;
use Hull\Climate\PartWarmth;
use Hull\Cure\CureFactor;
use Hull\Cure\Readiness;
use Hull\Cure\ZoneSpan;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Lag;
use Hull\Schedule\Constraint\LagTime;
use Hull\Schedule\Constraint\Window;
use Hull\Surface\Film;
use Hull\Surface\FilmPhase;
use Hull\Surface\SurfaceState;

/** Since when the films of a part lie, and what the top one asks of the work that comes next. */
final class FilmTimes
{
    /**
     * @var list<array{string|null, float, float}|null> of each film on the part: activity, or when it was laid from
     *                                                  and to; null for one an oven cured
     */
    private array $films = [];

    /**
     * @param float $keying of making good a missed window, hours
     */
    public function __construct(
        private readonly Airs $airs,
        private readonly PartWarmth $warmth,
        private readonly float $keying,
        private readonly Onset $onset,
        Replayed $done,
    ) {
        foreach (array_slice($done->coats, -count($done->state->films)) as $coat) {
            $this->films[] = [null, $done->started[$coat->stepKey] ?? $coat->laidAt, $coat->laidAt];
        }
    }

    /**
     * What the film below asks: from when on, which goes into the onset, and until when.
     *
     * @param string $at key of the place in which it lies until then, among all places of the yard
     * @param float $hours of the step
     *
     * @return array{list<Window>, float|null}
     */
    public function asked(string $at, ProbedLags $asks, SurfaceState $state, Step $step, float $hours): array
    {
        $lays = $step->laysFilm;
        $top = $state->top();
        $below = $this->films[count($this->films) - 1] ?? null;
        if (null === $top || null === $below || (null === $asks->from && !$asks->ends)) {
            return [[], null];
        }
        [$from, $start, $end] = $below;
        $amount = CureFactor::thickness($top->thickness, $top->product->dft);
        $opens = null === $asks->from ? null : $this->airs->cure($at, $top->product, $asks->from, $this->warmth);
        $closes = $asks->ends ? $this->airs->cure($at, $top->product, FilmPhase::Lapsed, $this->warmth) : null;
        $name = lcfirst($top->product->name);
        if (null !== $from) {
            if (null !== $opens) {
                $this->onset->after(
                    new Lag(
                        $from,
                        LagTime::on($opens, $amount),
                        self::to($name, $asks->from),
                        $lays && FilmPhase::Open === $asks->from,
                    ),
                );
            }
            // Tape that comes off late is cut free; nothing is abraded for it.
            $price = $step->worked->unmasks ? 0.0 : $this->keying;
            $again = $this->airs->again($at, $top->product, $this->warmth);

            return [
                null === $closes
                    ? []
                    : [
                        new Window(
                            from: $from,
                            closes: LagTime::on($closes, $amount),
                            what: Message::of('the recoat window of {film}', film: $name),
                            along: $lays,
                            hours: $price,
                            reopens: null === $again ? null : LagTime::on($again, $amount),
                            abrades: true,
                        ),
                    ],
                null,
            ];
        }
        $span = ZoneSpan::of(
            ZoneSpan::along($lays ? $start : $end, $lays ? $end - $start : 0.0, $lays ? $hours : 0.0),
            static fn(float $laid): ?float => null === $opens ? $laid : $opens->reachedAt($laid, $amount),
            static fn(float $laid): ?float => $closes?->reachedAt($laid, $amount),
        );
        $this->onset->notBefore(
            $span->earliest ?? \INF,
            Message::of('waits for {what}', what: self::to($name, $asks->from)),
        );

        return [[], $span->latest];
    }

    /**
     * @param string $at key of the place in which it lies meanwhile, among all places of the yard
     * @param string $for touch, recoat, handle, sand, full
     */
    public function wait(string $at, ?Film $top, string $for): void
    {
        $below = $this->films[count($this->films) - 1] ?? null;
        $into = match ($for) {
            'touch' => FilmPhase::Tacky,
            'recoat' => FilmPhase::Open,
            'handle', 'sand' => null,
            default => FilmPhase::Cured,
        };
        $line = match (true) {
            null === $top => null,
            null === $into => $this->airs->ready($at, $top->product, Readiness::from($for), $this->warmth),
            default => $this->airs->cure($at, $top->product, $into, $this->warmth),
        };
        // A coat along the one below waits zone by zone; that is in what the coat itself asks.
        if (null === $top || null === $below || null === $line || FilmPhase::Open === $into) {
            return;
        }
        $passing = LagTime::on($line, CureFactor::thickness($top->thickness, $top->product->dft));
        $name = lcfirst($top->product->name);
        $what = match (true) {
            null !== $into => self::to($name, $into),
            Readiness::Sand->value === $for => Message::of('{film} to be hard enough to sand', film: $name),
            default => Message::of('{film} to be dry to handle', film: $name),
        };
        null === $below[0]
            ? $this->onset->notBefore($passing->after($below[2]) ?? \INF, Message::of('waits for {what}', what: $what))
            : $this->onset->after(new Lag($below[0], $passing, $what));
    }

    /**
     * Which film comes from which work.
     *
     * @param string|null $activity that stands last
     */
    public function remember(Step $step, ?string $activity, SurfaceState $after): void
    {
        $this->films = array_slice($this->films, 0, max(0, count($this->films) - $step->strips));
        if ($step->cures) {
            $this->films = array_map(static fn(): null => null, $this->films);
        }
        if (count($after->films) > count($this->films)) {
            $this->films[] = [$activity, 0.0, 0.0];
        }
    }

    private static function to(string $film, ?FilmPhase $phase): Message
    {
        return Message::of(
            match ($phase) {
                FilmPhase::Tacky => '{film} to be touch dry',
                FilmPhase::Open, null => '{film} to take the next coat',
                FilmPhase::Cured => '{film} to cure fully',
                default => '{film} to harden',
            },
            film: $film,
        );
    }
}
