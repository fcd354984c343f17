<?php

declare(strict_types=1);

namespace App\Api\View;

/** One line of a tin’s ledger. */
final readonly class MovementView
{
    public function __construct(public string $kind, public string $amount, public string $at, public string $note) {}
}
