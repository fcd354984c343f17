<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** Something that may be wanted of a part. */
final readonly class AimView
{
    /** @param string|Message $whyNot why it cannot be had on this part; empty where it can */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public string|Message $whyNot,
        public bool $chosen,
        public bool $likely,
    ) {}
}
