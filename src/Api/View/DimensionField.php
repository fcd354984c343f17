<?php

declare(strict_types=1);

namespace App\Api\View;

/** One dimension of a shape. */
final readonly class DimensionField
{
    /**
     * @param list<string> $options
     * @param string $start what it measures until somebody has measured it
     * @param string $usual what is taken where nothing is typed
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $kind,
        public bool $required,
        public array $options,
        public string $start,
        public string $usual,
    ) {}
}
