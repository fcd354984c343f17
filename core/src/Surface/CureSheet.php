<?php

declare(strict_types=1);

namespace Hull\Surface;

use Hull\Cure\CureRows;
use Hull\Cure\Readiness;

/**
 * The clocks of a film; a missing recoat-max means the window stays open, recoat-again ends the gap in which a new
 * coat lifts it.
 */
final readonly class CureSheet
{
    /**
     * @param array<int|string, CureRows> $stated what the sheet says of handling, sanding, refit and water, by
     *                                            Readiness
     */
    public function __construct(
        public CureRows $touch,
        public CureRows $recoatMin,
        public ?CureRows $recoatMax,
        public ?CureRows $recoatAgain,
        public CureRows $full,
        public array $stated = [],
    ) {}

    /**
     * Hours until the film stands something; where the sheet is silent, a share of full cure, and not before it is dry
     * to the touch (estimate).
     */
    public function ready(Readiness $for): CureRows
    {
        return $this->stated[$for->value] ?? $this->full->times($for->shareOfFull())->orLater($this->touch);
    }

    public function states(Readiness $for): bool
    {
        return isset($this->stated[$for->value]);
    }
}
