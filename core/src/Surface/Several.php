<?php

declare(strict_types=1);

namespace Hull\Surface;

/** Several questions asked at once. */
abstract readonly class Several implements Predicate
{
    private string $key;

    /** @var list<FactWithin> */
    private array $facts;

    private bool $asksFilm;

    /** @param list<Predicate> $of */
    public function __construct(public array $of)
    {
        $this->facts = array_merge([], ...array_map(static fn(Predicate $p): array => $p->facts(), $of));
        $this->asksFilm = [] !== array_filter($of, static fn(Predicate $p): bool => $p->asksFilm());
        $this->key =
            static::class . '(' . implode(' ', array_map(static fn(Predicate $p): string => $p->key(), $of)) . ')';
    }

    public function key(): string
    {
        return $this->key;
    }

    public function facts(): array
    {
        return $this->facts;
    }

    public function asksFilm(): bool
    {
        return $this->asksFilm;
    }

    public function mayStillHold(SurfaceState $state): bool
    {
        return true;
    }
}
