<?php

declare(strict_types=1);

namespace Hull\Surface;

/** The top film has reached an event of its cure, whatever else it has reached. */
final readonly class FilmPast implements Predicate
{
    public const EVENTS = ['touch', 'recoat', 'handle', 'sand', 'full'];

    private string $key;

    public function __construct(private string $event)
    {
        $this->key = 'past:' . $event;
    }

    public function key(): string
    {
        return $this->key;
    }

    public function holds(SurfaceState $state): bool
    {
        $top = $state->top();
        $clock = match ($this->event) {
            'touch' => $top?->touch,
            'recoat' => $top?->recoatMin,
            'handle' => $top?->handle,
            'sand' => $top?->sand,
            default => $top?->full,
        };

        return null === $clock || $clock->isReached();
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
        return true;
    }
}
