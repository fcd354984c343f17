<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Work and where to put it. */
final readonly class PutBody
{
    /** @param string $start an instant */
    public function __construct(public string $id, public string $start) {}
}
