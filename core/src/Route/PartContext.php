<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Step;
use Hull\Catalog\Substrate;
use Hull\Climate\Air;
use Hull\Quantity\Area;

/** What a route depends on beside the surface: size, place, schools, and the films it is meant to end with. */
final readonly class PartContext
{
    /**
     * @param array<string, float>  $extents share of the area by fact, 0 to 1
     * @param array<string, string> $schools question => answer
     */
    public function __construct(
        public Catalogue $catalogue,
        public Substrate $substrate,
        public Area $area,
        public Air $air,
        public array $extents,
        public array $schools,
        public FilmSystem $system,
        public string $exposure,
    ) {
    }

    public function offers(Step $step): bool
    {
        if ([] !== $step->substrates && [] === array_intersect($step->substrates, $this->substrate->families)) {
            return false;
        }
        foreach ($step->schools as $question => $answers) {
            if (!in_array($this->answer($question), $answers, true)) {
                return false;
            }
        }

        return true;
    }

    public function answer(string $question): string
    {
        return $this->schools[$question] ?? $this->catalogue->schools[$question]->default();
    }
}
