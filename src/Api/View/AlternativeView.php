<?php

declare(strict_types=1);

namespace App\Api\View;

/** The route another answer would give, in figures. */
final readonly class AlternativeView
{
    /**
     * @param list<string> $gains steps it has beside the route as it stands
     * @param list<string> $spares steps it does without
     * @param bool $matters it differs by more than a trifle
     * @param list<string> $gear
     * @param float|null $effort work, money and risk for a year of protection, for ranking; null where it is no advice
     * @param string $because the question, the answer and what speaks for it, in a sentence
     */
    public function __construct(
        public string $school,
        public string $answer,
        public bool $chosen,
        public string $closed,
        public string $system,
        public ?FiguresView $figures,
        public array $gains,
        public array $spares,
        public bool $matters,
        public array $gear,
        public ?float $effort,
        public string $because,
    ) {}
}
