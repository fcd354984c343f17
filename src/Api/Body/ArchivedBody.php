<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Whether a closed job is put away. */
final readonly class ArchivedBody
{
    public function __construct(public bool $archived) {}
}
