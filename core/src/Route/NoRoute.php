<?php

declare(strict_types=1);

namespace Hull\Route;

/** No order of work leads there with the steps on offer; says what stands in the way. */
final class NoRoute extends \DomainException
{
}
