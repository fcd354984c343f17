<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Quantity\Quantity;

/** A computed answer that can explain itself: values, formula, inputs, source, warnings. */
final readonly class Result
{
    public function __construct(
        public Computation $computation,
        public Inputs $inputs,
        public Outcome $outcome,
        public Source $source,
    ) {}

    /**
     * @template T of Quantity
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    public function quantity(string $name, string $class): Quantity
    {
        $value = $this->outcome->values[$name] ?? null;

        return $value instanceof $class ? $value : throw new \LogicException('No value ' . $name . '.');
    }

    public function flag(string $name): bool
    {
        return true === ($this->outcome->values[$name] ?? null);
    }
}
