<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Compute\Result;
use Hull\Job\Covered;

/** One thing that is covered: with what, how much of it, from which step to which. */
final readonly class MaskingLine
{
    /**
     * @param string $by one of Covering::BY
     * @param Covered|null $covered as surveyed; null for a neighbour
     * @param Result|null $worked how tape and film were worked out; null for plugs, which are counted
     * @param string $onBefore name of the step before which it has to be on; empty where the route has none
     * @param string $on name of the step that puts it on; empty where the route has none
     * @param string $off name of the step that takes it off; empty where the route has none
     * @param float|null $hours it is on, nights not counted; null for plugs, shields, and where nobody can say
     * @param float|null $after hours from the last coat over it until it comes off: nought is wet; null for plugs
     * @param string $why what it is for, where it is not plain
     * @param bool $estimated the size is estimated from areas, since nobody measured it
     */
    public function __construct(
        public string $name,
        public string $by,
        public int $count,
        public ?Covered $covered,
        public ?Result $worked,
        public string $on,
        public string $onBefore,
        public string $off,
        public ?float $hours,
        public ?float $after,
        public string $why = '',
        public bool $estimated = false,
    ) {}
}
