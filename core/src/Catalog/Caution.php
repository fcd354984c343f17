<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A warning bound to steps and products: what it says, what to wear, where the waste goes. */
final readonly class Caution
{
    /**
     * @param list<string> $protect ids of protective gear
     * @param bool $forHeavy it is only said of what is heavy, or large where nobody weighed it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $hint,
        public array $protect,
        public string $disposal,
        public int $hazard,
        public bool $forHeavy = false,
    ) {}
}
