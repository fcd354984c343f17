<?php

declare(strict_types=1);

namespace App\Api\View;

/** An option of a closed list. */
final readonly class Option
{
    public function __construct(public string $id, public string $name, public string $hint) {}
}
