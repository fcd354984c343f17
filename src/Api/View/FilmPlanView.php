<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** One film planned through on a part, in figures. */
final readonly class FilmPlanView
{
    /**
     * @param list<string> $tins what is bought for it from an empty shelf, in words
     * @param list<string> $gear
     * @param list<string> $protection
     * @param string|Message $obstacle why no order of work leads there; empty where one does
     */
    public function __construct(
        public string $film,
        public ?FiguresView $figures,
        public ?Value $build,
        public array $tins,
        public string $tinsCost,
        public array $gear,
        public array $protection,
        public string|Message $obstacle,
    ) {}
}
