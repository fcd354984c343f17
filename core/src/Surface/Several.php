<?php

declare(strict_types=1);

namespace Hull\Surface;

/** Several questions asked at once. */
abstract readonly class Several implements Predicate
{
    private string $key;

    /** @param list<Predicate> $of */
    public function __construct(public array $of)
    {
        $this->key =
            static::class . '(' . implode(' ', array_map(static fn(Predicate $p): string => $p->key(), $of)) . ')';
    }

    public function key(): string
    {
        return $this->key;
    }

    public function facts(): array
    {
        return array_merge([], ...array_map(static fn(Predicate $p): array => $p->facts(), $this->of));
    }

    public function asksFilm(): bool
    {
        foreach ($this->of as $predicate) {
            if ($predicate->asksFilm()) {
                return true;
            }
        }

        return false;
    }

    public function mayStillHold(SurfaceState $state): bool
    {
        return true;
    }
}
