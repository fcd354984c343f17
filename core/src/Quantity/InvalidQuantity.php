<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A value that cannot be read as the quantity asked for; says what would be accepted. */
final class InvalidQuantity extends \DomainException
{
    /** @param string $field name of the input it is about, where a formula refuses one */
    public function __construct(string $message, public readonly string $accepted, public readonly string $field = '')
    {
        parent::__construct($message);
    }

    public static function because(string $message, Dimension $dimension): self
    {
        return new self($message, $dimension->accepted());
    }
}
