<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Opening a job. */
final readonly class NewJob
{
    public function __construct(public string $name, public ?string $note = null) {}
}
