<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Quantity\Length;

/** Places of one sort on a part that stay bare or clean. */
final readonly class Covered
{
    /**
     * @param string $kind id of the catalogue's coverings
     * @param Length|null $across width or diameter; null where the sort is not measured by it
     * @param Length|null $along length, or way round
     * @param string $on name of the shape it is on; empty where nobody said
     */
    public function __construct(
        public string $kind,
        public string $name,
        public int $count,
        public ?Length $across,
        public ?Length $along,
        public string $on,
    ) {}
}
