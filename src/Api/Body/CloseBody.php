<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Closing a job. */
final readonly class CloseBody
{
    /** @param bool $leaving close it although parts have work left */
    public function __construct(public bool $leaving = false) {}
}
