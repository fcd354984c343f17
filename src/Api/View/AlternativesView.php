<?php

declare(strict_types=1);

namespace App\Api\View;

/** The honest alternatives to a plan. */
final readonly class AlternativesView
{
    /**
     * @param list<AlternativeView> $alternatives
     * @param list<string>          $otherwise    steps that would be planned if the workshop lacked nothing
     * @param list<string>          $without      ids of what the workshop does without
     */
    public function __construct(
        public string $obstacle,
        public ?FiguresView $figures,
        public string $best,
        public array $alternatives,
        public array $otherwise,
        public string $otherwiseSystem,
        public array $without,
    ) {
    }
}
