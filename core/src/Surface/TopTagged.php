<?php

declare(strict_types=1);

namespace Hull\Surface;

/** The top film is of a kind (or, turned round, of none of these kinds). */
final readonly class TopTagged implements Predicate
{
    private string $key;

    /** @param list<string> $tags */
    public function __construct(private array $tags, private bool $wanted)
    {
        $this->key = ($wanted ? 'top:' : 'not-top:') . implode(',', $tags);
    }

    public function key(): string
    {
        return $this->key;
    }

    public function holds(SurfaceState $state): bool
    {
        $top = $state->top();
        $has = null !== $top && [] !== array_intersect($this->tags, $top->product->tags);

        return $has === $this->wanted;
    }

    public function facts(): array
    {
        return [];
    }

    public function asksFilm(): bool
    {
        return true;
    }

    public function mayStillHold(SurfaceState $state): bool
    {
        return $this->holds($state);
    }
}
