<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Cure\CureRows;

/** The clocks of a film; a missing recoat-max means the window stays open, recoat-again ends the gap in which a new coat lifts it. */
final readonly class CureSheet
{
    public function __construct(
        public CureRows $touch,
        public CureRows $recoatMin,
        public ?CureRows $recoatMax,
        public ?CureRows $recoatAgain,
        public CureRows $full,
    ) {
    }
}
