<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Cure\CureRows;

/** The clocks of a film; a missing recoat-max means the window stays open. */
final readonly class CureSheet
{
    public function __construct(
        public CureRows $touch,
        public CureRows $recoatMin,
        public ?CureRows $recoatMax,
        public CureRows $full,
    ) {
    }
}
