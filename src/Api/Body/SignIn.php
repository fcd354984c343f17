<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Signing in. */
final readonly class SignIn
{
    public function __construct(public string $email, public string $password) {}
}
