<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Quantity\Volume;
use Hull\Surface\Shade;

/** A coat not yet laid, with the paint its mix card asks for. */
final readonly class CoatAhead
{
    /**
     * @param Volume $onPart what stays as film
     * @param Volume $swallowed what a blast profile takes up; the rest of the paint is lost on the way
     */
    public function __construct(
        public string $partId,
        public string $part,
        public string $stepKey,
        public Shade $shade,
        public Volume $paint,
        public Volume $onPart,
        public Volume $swallowed,
    ) {}
}
