<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What of the next two days matters in a place. */
final readonly class PlaceMatters
{
    /** @param list<string|Message> $matters */
    public function __construct(public string $name, public string $air, public array $matters) {}
}
