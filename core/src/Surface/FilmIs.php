<?php

declare(strict_types=1);

namespace Hull\Surface;

/** The top film is in one of these phases. */
final readonly class FilmIs implements Predicate
{
    private string $key;

    /** @param list<FilmPhase> $phases */
    public function __construct(private array $phases)
    {
        $this->key = 'film:' . implode(',', array_map(static fn(FilmPhase $p): string => $p->value, $phases));
    }

    public function key(): string
    {
        return $this->key;
    }

    public function holds(SurfaceState $state): bool
    {
        return in_array($state->phase(), $this->phases, true) ||
            (in_array(FilmPhase::Lapsed, $this->phases, true) &&
                true === $state->top()?->isPastWindow() &&
                !$state->top()->isShut()) ||
            (in_array(FilmPhase::Open, $this->phases, true) && true === $state->top()?->isOpen());
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
        $later = false;
        foreach (FilmPhase::cases() as $case) {
            $later = $later || $case === $state->phase();
            if (
                $later &&
                in_array($case, $this->phases, true) &&
                !(FilmPhase::None === $state->phase() && FilmPhase::None !== $case)
            ) {
                return true;
            }
        }

        return $this->holds($state);
    }
}
