<?php

declare(strict_types=1);

namespace Hull\Surface;

final readonly class AnyOf extends Several
{
    public function holds(SurfaceState $state): bool
    {
        foreach ($this->of as $predicate) {
            if ($predicate->holds($state)) {
                return true;
            }
        }

        return false;
    }
}
