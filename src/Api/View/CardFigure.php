<?php

declare(strict_types=1);

namespace App\Api\View;

/** A number of a work card. */
final readonly class CardFigure
{
    public function __construct(public string $label, public Value $value) {}
}
