<?php

declare(strict_types=1);

namespace Hull\Schedule;

use Hull\Climate\GateLine;
use Hull\Climate\PlaceAir;
use Hull\Climate\RateLine;
use Hull\Cure\CureRows;
use Hull\Cure\Rates;
use Hull\Surface\FilmPhase;
use Hull\Surface\Product;

/** The air of the yard's places, and what it drives there, worked out once for each film and place. */
final class Airs
{
    /** @var array<int|string, RateLine> */
    private array $lines = [];

    /** @var array<int|string, GateLine> */
    private array $gates = [];

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
    public function cure(string $place, Product $product, FilmPhase $into): ?RateLine
    {
        $rows = match ($into) {
            FilmPhase::Tacky => $product->cure?->touch,
            FilmPhase::Open => $product->cure?->recoatMin,
            FilmPhase::Shut, FilmPhase::Lapsed => $product->cure?->recoatMax,
            FilmPhase::Cured => $product->cure?->full,
            default => null,
        };

        return null === $rows ? null : $this->rows($place, $product, $into->value, $rows);
    }

    /** The end of the gap in which a late coat lifts a film. */
    public function again(string $place, Product $product): ?RateLine
    {
        return null === $product->cure?->recoatAgain
            ? null
            : $this->rows($place, $product, 'again', $product->cure->recoatAgain);
    }

    public function rows(string $place, Product $product, string $event, CureRows $rows): RateLine
    {
        return $this->lines[$place . '/' . $product->id . '/' . $event] ??= Rates::cure(
            $this->at($place),
            $rows,
            $product->cureKind,
        );
    }

    public function drying(string $place): RateLine
    {
        return $this->lines[$place . '//drying'] ??= Rates::drying($this->at($place));
    }

    public function dwell(string $place): RateLine
    {
        return $this->lines[$place . '//dwell'] ??= Rates::dwell($this->at($place));
    }

    /** @param float $tauHours of the part, see PartLag */
    public function gate(string $place, Product $product, float $tauHours, bool $sprayed): GateLine
    {
        return $this->gates[
            implode('/', [$place, $product->id, $tauHours, $sprayed ? 'sprayed' : 'brushed'])
        ] ??= GateLine::of($this->at($place), $product->limits(), $tauHours, $sprayed);
    }
}
