<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Quantity\Message;

/** A rectangle of a drawing, in the metres of the drawing; its role says how it is drawn. */
final readonly class Mark
{
    public function __construct(
        public string $role,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public ?Message $label = null,
    ) {}
}
