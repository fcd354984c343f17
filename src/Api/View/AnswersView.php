<?php

declare(strict_types=1);

namespace App\Api\View;

/** What each answer to one question would make of a part. */
final readonly class AnswersView
{
    /** @param list<AlternativeView> $alternatives */
    public function __construct(public array $alternatives) {}
}
