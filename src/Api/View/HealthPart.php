<?php

declare(strict_types=1);

namespace App\Api\View;

/** One part of the running instance. */
final readonly class HealthPart
{
    /**
     * @param string|null $since when it went down, or was last seen; null when it is up, or was never seen
     * @param bool $needed without it something does not work; the others are asked and done without
     */
    public function __construct(public string $name, public bool $up, public ?string $since, public bool $needed) {}
}
