<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Something a workshop may be without: a piece of gear, a skill, or the wish to use it. */
final readonly class Capability
{
    /**
     * @param string $kind gear, skill or taste
     * @param bool $atStart a new yard has it until it says otherwise
     * @param bool $sprays what asks for it is sprayed, whatever else the part is painted by
     * @param bool $keptClear nobody else is in where what asks for it is sprayed
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $hint,
        public bool $atStart,
        public bool $sprays,
        public bool $keptClear,
    ) {}
}
