<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Quantity\Message;
use Hull\Surface\Precondition;

/** No order of work leads there with the steps on offer; says what stands in the way. */
final class NoRoute extends \DomainException
{
    /**
     * @param list<Precondition> $stuck needs that could not be met where they came up
     * @param list<Precondition> $least of what is asked together only what could not be had by itself; empty where that
     *                                  is all of it
     */
    public function __construct(
        public readonly string|Message $says = '',
        public readonly array $stuck = [],
        public readonly array $least = [],
    ) {
        parent::__construct((string) $says);
    }
}
