<?php

declare(strict_types=1);

namespace Hull\Input;

/** Something a person gave that cannot be used: where it stands, what is wrong, what would be accepted. */
final class InvalidInput extends \DomainException
{
    public function __construct(public readonly string $pointer, string $message, public readonly string $accepted = '')
    {
        parent::__construct($message);
    }
}
