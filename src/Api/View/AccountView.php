<?php

declare(strict_types=1);

namespace App\Api\View;

/** Who is signed in. */
final readonly class AccountView
{
    public function __construct(
        public string $name,
        public string $email,
        public string $workshop,
        public string $timezone,
        public string $units,
    ) {}
}
