<?php

declare(strict_types=1);

namespace App\Api\View;

/** Something that may be wanted of a part. */
final readonly class AimView
{
    /** @param string $whyNot why it cannot be had on this part; empty where it can */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public string $whyNot,
        public bool $chosen,
        public bool $likely,
    ) {}
}
