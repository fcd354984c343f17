<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Plan again. */
final readonly class PlanBody
{
    /**
     * @param ?bool $fresh from scratch, whatever was planned before
     * @param ?bool $found the plan that was found since, instead of the latest
     */
    public function __construct(public ?string $note = null, public ?bool $fresh = null, public ?bool $found = null) {}
}
