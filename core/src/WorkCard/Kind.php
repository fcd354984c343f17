<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Bench\Workpiece;
use Hull\Compute\Field;
use Hull\Compute\Inputs;

/** A kind of work card: what it asks for, and how it is worked out. */
interface Kind
{
    public function id(): string;

    public function name(): string;

    public function hint(): string;

    /** @return list<Field> */
    public function fields(): array;

    /**
     * @return array<int|string, string|list<array<int|string, string>>> inputs of a card worth beginning with, as
     *                                                                   typed
     */
    public function sample(): array;

    /**
     * @param Workpiece|null $piece the part it is for; its area and air stand in where they are not given
     *
     * @throws \Hull\Input\InvalidInput for inputs that make no sense together
     */
    public function work(Inputs $in, ?Workpiece $piece): Card;
}
