<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What the ways beside a plan are measured by, and which questions have other answers; those are asked one by one. */
final readonly class AlternativesView
{
    /**
     * @param list<string> $questions ids, in the order in which they are shown
     * @param list<string> $otherwise steps that would be planned if the workshop lacked nothing
     * @param list<string> $without ids of what the workshop does without
     */
    public function __construct(
        public string|Message $obstacle,
        public ?FiguresView $figures,
        public array $questions,
        public array $otherwise,
        public string $otherwiseSystem,
        public array $without,
    ) {}
}
