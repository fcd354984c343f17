<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** One thing that is covered. */
final readonly class MaskingLineView
{
    /**
     * @param string $kind name of the sort; empty for a neighbour
     * @param string $by plug, tape, film or line
     * @param string $across width or diameter; empty where it has none
     * @param string $along length; empty where it has none
     * @param float|null $acrossM metres, for the drawing
     * @param float|null $alongM metres, for the drawing
     * @param string $on name of the shape it is on
     * @param string $putOn step that puts it on
     * @param string $before step before which it is on
     * @param string $off step that takes it off
     * @param string $hours how long it is on; empty where nobody can say
     * @param string|Message $when how soft the film is then; empty where no film goes over it
     * @param string $why what it is for, where it is not plain
     */
    public function __construct(
        public string $name,
        public string $kind,
        public string $by,
        public int $count,
        public string $across,
        public string $along,
        public ?float $acrossM,
        public ?float $alongM,
        public string $on,
        public ?Value $tape,
        public ?Value $film,
        public string $putOn,
        public string $before,
        public string $off,
        public string $hours,
        public string|Message $when,
        public string $why,
        public bool $estimated,
    ) {}
}
