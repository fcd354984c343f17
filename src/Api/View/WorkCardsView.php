<?php

declare(strict_types=1);

namespace App\Api\View;

/** The work cards of a job. */
final readonly class WorkCardsView
{
    /**
     * @param list<WorkKindView> $kinds
     * @param list<WorkCardView> $cards
     * @param list<Option> $parts
     */
    public function __construct(public string $jobId, public array $kinds, public array $cards, public array $parts) {}
}
