<?php

declare(strict_types=1);

namespace App\Api\View;

/** So many packs of one size. */
final readonly class TinView
{
    public function __construct(public string $size, public float $share, public int $count) {}
}
