<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;

/** Plan again. */
final readonly class PlanBody
{
    /**
     * @param bool $fresh from scratch, whatever was planned before
     * @param bool $found the plan that was found since, instead of the latest
     */
    public function __construct(
        #[Line(300, empty: true)] public string $note = '',
        public bool $fresh = false,
        public bool $found = false,
    ) {}
}
