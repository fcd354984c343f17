<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Plan again. */
final readonly class PlanBody
{
    /** @param ?bool $fresh from scratch, whatever was planned before */
    public function __construct(public ?string $note = null, public ?bool $fresh = null) {}
}
