<?php

declare(strict_types=1);

namespace App\Api\View;

/** An answer and its route in figures. */
final readonly class SchoolOption
{
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public bool $chosen,
        public string $figures,
    ) {
    }
}
