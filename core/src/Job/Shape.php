<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Compute\Computation;
use Hull\Compute\Inputs;
use Hull\Compute\Result;
use Hull\Quantity\Area;
use Hull\Quantity\Length;

/** One measured shape of a part. */
final readonly class Shape
{
    public function __construct(public string $name, public Computation $computation, public Inputs $inputs) {}

    public function kind(): string
    {
        return substr($this->computation->name, strlen('area.'));
    }

    public function result(): Result
    {
        return $this->computation->run($this->inputs);
    }

    public function area(): Area
    {
        return $this->result()->quantity('area', Area::class);
    }

    /** The longest of its measures. */
    public function longest(): Length
    {
        $lengths = array_filter($this->inputs->values, static fn(mixed $v): bool => $v instanceof Length);

        return Length::metres(max([0.0, ...array_map(static fn(Length $l): float => $l->m(), array_values($lengths))]));
    }

    /** Open, fitted over, masked or left bare; not in the area. */
    public function notCoated(): Area
    {
        return $this->result()->quantity('notCoated', Area::class);
    }
}
