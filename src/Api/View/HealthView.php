<?php

declare(strict_types=1);

namespace App\Api\View;

/** Whether everything that is needed is up, and each part of it. */
final readonly class HealthView
{
    /** @param list<HealthPart> $parts */
    public function __construct(public bool $up, public array $parts) {}
}
