<?php

declare(strict_types=1);

namespace Hull\WorkCard;

use Hull\Quantity\Message;

/** Everything for one piece of work that is no plain coat: figures, drawing, what to do in order, what to mind. */
final readonly class Card
{
    /**
     * @param list<Figure> $figures most wanted first
     * @param list<Message> $steps in order
     * @param list<string> $cautions ids of the catalogue
     */
    public function __construct(
        public array $figures,
        public Drawing $drawing,
        public array $steps,
        public array $cautions,
    ) {}

    /** @return list<string|Message> */
    public function warnings(): array
    {
        $said = [];
        foreach ($this->figures as $figure) {
            foreach ($figure->from->outcome->warnings as $warning) {
                $said[(string) $warning] = $warning;
            }
        }

        return array_values($said);
    }
}
