<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A rectangle of a drawing; shares of its width and height. */
final readonly class MarkView
{
    public function __construct(
        public string $role,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public string|Message $label,
    ) {}
}
