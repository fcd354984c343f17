<?php

declare(strict_types=1);

namespace App\Device;

use Hull\Quantity\Mass;

/** What the scale shows. */
final readonly class Reading
{
    /** @param float|null $kg null while overloaded; may be a little below nothing */
    public function __construct(
        public string $device,
        public bool $simulated,
        public ?float $kg,
        public Mass $step,
        public bool $stable,
    ) {}
}
