<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Climate\GateLine;
use Hull\Climate\Limits;
use Hull\Climate\PartWarmth;
use Hull\Climate\PlaceAir;
use Hull\Climate\RateLine;
use Hull\Cure\CureRows;
use Hull\Cure\Rates;
use Hull\Cure\Readiness;
use Hull\Quantity\Interval;
use Hull\Schedule\Calendar\WorkingCalendar;
use Hull\Surface\FilmPhase;
use Hull\Surface\Product;

/** The air of the yard's places, and what it drives there, worked out once for each film and place. */
final class Airs
{
    /** @var array<int|string, RateLine> */
    private array $lines = [];

    /** @var array<int|string, GateLine> */
    private array $gates = [];

    /** @var array<int|string, RainFree|null> */
    private array $rains = [];

    /** @var array<int|string, WorkingCalendar|null> */
    private array $daylight = [];

    /** @param array<int|string, PlaceAir> $places */
    public function __construct(private readonly array $places) {}

    public function knows(string $place): bool
    {
        return isset($this->places[$place]);
    }

    public function with(string $place, PlaceAir $air): self
    {
        return new self([...$this->places, $place => $air]);
    }

    public function at(string $place): PlaceAir
    {
        return $this->places[$place] ?? throw new \LogicException('No air for ' . $place . '.');
    }

    /**
     * The clock towards the phase a film comes into: touch dry, takes the next coat, no longer does, fully cured. Null
     * where the sheet has none.
     */
    public function cure(
        string $place,
        Product $product,
        FilmPhase $into,
        PartWarmth $warmth = new PartWarmth(),
    ): ?RateLine {
        $rows = match ($into) {
            FilmPhase::Tacky => $product->cure?->touch,
            FilmPhase::Open => $product->cure?->recoatMin,
            FilmPhase::Shut, FilmPhase::Lapsed => $product->cure?->recoatMax,
            FilmPhase::Cured => $product->cure?->full,
            default => null,
        };

        return null === $rows ? null : $this->rows($place, $product, $into->value, $rows, $warmth);
    }

    /** The end of the gap in which a late coat lifts a film. */
    public function again(string $place, Product $product, PartWarmth $warmth = new PartWarmth()): ?RateLine
    {
        return null === $product->cure?->recoatAgain
            ? null
            : $this->rows($place, $product, 'again', $product->cure->recoatAgain, $warmth);
    }

    /** The clock towards what a film stands before it is cured: rain, a hand. */
    public function ready(
        string $place,
        Product $product,
        Readiness $for,
        PartWarmth $warmth = new PartWarmth(),
    ): ?RateLine {
        return null === $product->cure
            ? null
            : $this->rows($place, $product, $for->value, $product->cure->ready($for), $warmth);
    }

    public function rows(
        string $place,
        Product $product,
        string $event,
        CureRows $rows,
        PartWarmth $warmth = new PartWarmth(),
    ): RateLine {
        return $this->lines[implode('/', [$place, $product->id, $event, $warmth->key()])] ??= Rates::cure(
            $this->at($place),
            $rows,
            $product->cureKind,
            $warmth,
        );
    }

    public function drying(string $place): RateLine
    {
        return $this->lines[$place . '//drying'] ??= Rates::drying($this->at($place));
    }

    /** @param float $leastC colder than about that it stands still, see Rates */
    public function dwell(string $place, float $leastC = -\INF, PartWarmth $warmth = new PartWarmth()): RateLine
    {
        return $this->lines[implode('/', [$place, '', 'dwell', $leastC, $warmth->key()])] ??= Rates::dwell(
            $this->at($place),
            $leastC,
            $warmth,
        );
    }

    /**
     * The rain on a part; null where it never rains in.
     *
     * @param float $dries amount of the drying line after which it is dry again
     */
    public function rain(string $place, float $dries): ?RainFree
    {
        return $this->rains[$place . '/' . $dries] ??= RainFree::in($this->at($place), $this->drying($place), $dries);
    }

    /** When it is light enough there for what goes by the eye; null where it always is. */
    public function daylight(string $place): ?WorkingCalendar
    {
        return $this->daylight[$place] ??= self::light($this->at($place));
    }

    private static function light(PlaceAir $air): ?WorkingCalendar
    {
        if (!in_array(true, $air->dark, true)) {
            return null;
        }
        $light = [];
        foreach ($air->dark as $at => $isDark) {
            if (!$isDark) {
                $light[] = new Interval($air->from + $at, $air->from + $at + 1.0);
            }
        }

        return new WorkingCalendar(Interval::joined($light));
    }

    /** The air in which a step may be worked on a part there; null where nothing limits it. */
    public function band(string $place, ?Limits $limits, PartWarmth $warmth): ?GateLine
    {
        return null === $limits
            ? null
            : ($this->gates[implode('/', [$place, ...$limits->parts(), $warmth->key()])] ??= GateLine::of(
                $this->at($place),
                $limits,
                $warmth,
                false,
            ));
    }

    public function gate(string $place, Product $product, PartWarmth $warmth, bool $sprayed): GateLine
    {
        return $this->gates[
            implode('/', [$place, $product->id, $warmth->key(), $sprayed ? 'sprayed' : 'brushed'])
        ] ??= GateLine::of($this->at($place), $product->limits(), $warmth, $sprayed);
    }
}
