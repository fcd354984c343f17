<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Surface\SurfaceState;

/** What a step does to one fact. */
final readonly class Effect
{
    public function __construct(public string $fact, public string $verb, public float $level)
    {
    }

    public function on(SurfaceState $state): SurfaceState
    {
        $now = $state->fact($this->fact);

        return $state->with($this->fact, match ($this->verb) {
            'set' => $this->level,
            'lower' => max(0.0, $now - $this->level),
            'raise' => max($now, $this->level),
            default => throw new \LogicException('No effect '.$this->verb.'.'),
        });
    }
}
