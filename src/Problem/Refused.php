<?php

declare(strict_types=1);

namespace App\Problem;

use Hull\Input\InvalidInput;

/** A body of a request that cannot be used, with everything that is wrong in it. */
final class Refused extends \DomainException
{
    /** @param non-empty-list<InvalidInput> $errors */
    public function __construct(public readonly array $errors)
    {
        parent::__construct($errors[0]->getMessage());
    }
}
