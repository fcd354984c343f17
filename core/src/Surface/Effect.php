<?php

declare(strict_types=1);

namespace Hull\Surface;

/** What a step does to one fact. */
final readonly class Effect
{
    public function __construct(public string $fact, public string $verb, public float $level) {}

    /** The level it leaves of the level found. */
    public function after(float $now): float
    {
        return match ($this->verb) {
            'set' => $this->level,
            'lower' => max(0.0, $now - $this->level),
            'raise' => max($now, $this->level),
            default => throw new \LogicException('No effect ' . $this->verb . '.'),
        };
    }

    public function takesDown(): bool
    {
        return 'lower' === $this->verb || ('set' === $this->verb && 0.0 === $this->level);
    }

    /** @param list<self> $effects */
    public static function all(array $effects, SurfaceState $state): SurfaceState
    {
        $levels = [];
        foreach ($effects as $effect) {
            $levels[$effect->fact] = $effect->after($levels[$effect->fact] ?? $state->fact($effect->fact));
        }

        return [] === $levels ? $state : $state->withAll($levels);
    }
}
