<?php

declare(strict_types=1);

namespace App\Api\View;

/** Somebody who works. */
final readonly class CrewPerson
{
    /** @param array<string, list<string>> $hours by day, as 8:00-12:30 */
    public function __construct(
        public string $name,
        public array $hours,
    ) {
    }
}
