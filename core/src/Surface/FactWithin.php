<?php

declare(strict_types=1);

namespace Hull\Surface;

final readonly class FactWithin implements Predicate
{
    private string $key;

    public function __construct(public string $fact, private ?float $min, private ?float $max)
    {
        $this->key = $fact . '/' . $min . '/' . $max;
    }

    public function holds(SurfaceState $state): bool
    {
        return $this->takes($state->fact($this->fact));
    }

    public function facts(): array
    {
        return [$this];
    }

    public function asksFilm(): bool
    {
        return false;
    }

    public function key(): string
    {
        return $this->key;
    }

    /** Whether a level would do. */
    public function takes(float $level): bool
    {
        return (null === $this->min || $level >= $this->min) && (null === $this->max || $level <= $this->max);
    }

    /**
     * Whether an effect brings, or in the end may bring, the fact to where it is asked to be.
     *
     * @param float $now level before any work
     */
    public function isBroughtBy(Effect $effect, float $now = 0.0): bool
    {
        return 'lower' === $effect->verb
            ? $this->takes(0.0) || ($now > 0.0 && $this->takes(max(0.0, $now - $effect->level)))
            : $this->takes($effect->level);
    }

    public function mayStillHold(SurfaceState $state): bool
    {
        return true;
    }
}
