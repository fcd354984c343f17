<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Day;

/** When a job is to be done. */
final readonly class DueBody
{
    /**
     * @param ?string $due a day, as 2026-12-25; null for none
     */
    public function __construct(#[Day] public ?string $due) {}
}
