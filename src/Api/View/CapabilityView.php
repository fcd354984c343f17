<?php

declare(strict_types=1);

namespace App\Api\View;

/** A piece of gear, a skill, or products somebody may rather not use. */
final readonly class CapabilityView
{
    /** @param string $kind gear, skill or taste */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $hint,
        public bool $has,
    ) {}
}
