<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Surface\Dew;
use Hull\Surface\Product;

/**
 * A coat as it was laid, with the hours (since 1970 UTC) at which its events come; null when they never do.
 *
 * Between closing and again a new coat would lift it.
 */
final readonly class LaidCoat
{
    public function __construct(
        public string $stepKey,
        public Product $product,
        public float $laidAt,
        public ?float $touchAt,
        public ?float $opensAt,
        public ?float $closesAt,
        public bool $neverCloses,
        public ?float $againAt,
        public ?float $fullAt,
        public ?float $rainSafeAt = null,
        public ?float $handleAt = null,
    ) {}

    /** From when on dew does it no harm; null when that never comes. */
    public function dewFreeAt(): ?float
    {
        return match ($this->product->dew) {
            Dew::Never => $this->laidAt,
            Dew::UntilTouch => $this->touchAt,
            Dew::UntilRainSafe => $this->rainSafeAt,
        };
    }
}
