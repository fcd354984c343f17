<?php

declare(strict_types=1);

namespace Hull\Effort;

use Hull\Quantity\Duration;

/** Hands-on work as a range, set-up and clean-up apart and counted once for a product and session. */
final readonly class HandsOn
{
    private function __construct(public Duration $least, public Duration $most, public Duration $setUp) {}

    public static function minutes(float $least, float $most, float $setUp): self
    {
        return new self(
            Duration::minutes($least + $setUp),
            Duration::minutes($most + $setUp),
            Duration::minutes($setUp),
        );
    }
}
