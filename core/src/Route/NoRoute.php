<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Surface\Precondition;

/** No order of work leads there with the steps on offer; says what stands in the way. */
final class NoRoute extends \DomainException
{
    /** @param list<Precondition> $stuck needs that could not be met where they came up */
    public function __construct(string $message = '', public readonly array $stuck = [])
    {
        parent::__construct($message);
    }
}
