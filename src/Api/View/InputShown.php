<?php

declare(strict_types=1);

namespace App\Api\View;

/** One input of a formula as shown. */
final readonly class InputShown
{
    public function __construct(public string $label, public string $text) {}
}
