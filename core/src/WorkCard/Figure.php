<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Compute\Result;
use Hull\Quantity\Quantity;

/** A number of a work card with what it rests on. */
final readonly class Figure
{
    public function __construct(public string $label, public Quantity $value, public Result $from) {}

    /** @param string $output of the result */
    public static function of(Result $from, string $output, ?string $label = null): self
    {
        $value = $from->outcome->values[$output] ?? null;
        $field =
            array_values(
                array_filter(
                    $from->computation->outputs,
                    static fn(\Hull\Compute\Field $f): bool => $f->name === $output,
                ),
            )[0] ?? null;

        return $value instanceof Quantity
            ? new self($label ?? ($field->label ?? $output), $value, $from)
            : throw new \LogicException('No value ' . $output . '.');
    }
}
