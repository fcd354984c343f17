<?php

declare(strict_types=1);

namespace App\Api\View;

/** Who is signed in. */
final readonly class AccountView
{
    /** @param string|null $catalogueFault why the yard's own catalogue no longer counts; null where it does */
    public function __construct(
        public string $name,
        public string $email,
        public string $workshop,
        public string $timezone,
        public string $units,
        public ?string $catalogueFault,
    ) {}
}
