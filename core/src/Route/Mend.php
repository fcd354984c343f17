<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Job\Route;
use Hull\Quantity\Message;

/** A change to the route that removes a finding. */
final readonly class Mend
{
    public function __construct(public string|Message $label, public Route $route) {}
}
