<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;

/** Work and where to put it. */
final readonly class PutBody
{
    /**
     * @param string $start an instant
     */
    public function __construct(#[Line] public string $id, #[Line(40)] public string $start) {}
}
