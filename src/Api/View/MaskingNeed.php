<?php

declare(strict_types=1);

namespace App\Api\View;

/** Tape, film or plugs that masking takes. */
final readonly class MaskingNeed
{
    public function __construct(public string $id, public string $name, public string $amount, public string $note) {}
}
