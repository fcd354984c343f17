<?php

declare(strict_types=1);

namespace App\Api\View;

/** The session: who, and the token every write must carry. */
final readonly class SessionView
{
    public function __construct(public ?AccountView $account, public string $token) {}
}
