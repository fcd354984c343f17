<?php

declare(strict_types=1);

namespace Hull\Surface;

use Hull\Catalog\Fact;
use Hull\Climate\Air;

/** What a surface is now: facts by level (0 = absent) and the films on it, bottom to top. Immutable. */
final readonly class SurfaceState
{
    /**
     * @param array<string, float> $facts
     * @param list<Film>           $films
     */
    private function __construct(public string $substrate, public array $facts, public array $films)
    {
    }

    /** @param array<string, float> $facts */
    public static function of(string $substrate, array $facts): self
    {
        return new self($substrate, array_filter($facts, static fn (float $v): bool => 0.0 !== $v), []);
    }

    public function fact(string $id): float
    {
        return $this->facts[$id] ?? 0.0;
    }

    public function with(string $fact, float $level): self
    {
        $facts = $this->facts;
        if ($level > 0.0) {
            $facts[$fact] = $level;
        } else {
            unset($facts[$fact]);
        }

        return new self($this->substrate, $facts, $this->films);
    }

    public function lay(Film $film): self
    {
        return new self($this->substrate, $this->facts, [...$this->films, $film]);
    }

    /** Takes the top coats off again. */
    public function strip(int $coats): self
    {
        return new self($this->substrate, $this->facts, array_slice($this->films, 0, max(0, count($this->films) - $coats)));
    }

    public function top(): ?Film
    {
        return $this->films[count($this->films) - 1] ?? null;
    }

    public function phase(): FilmPhase
    {
        return $this->top()?->phase() ?? FilmPhase::None;
    }

    /** @param array<string, Fact> $drifting facts that change with time */
    public function after(float $hours, Air $air, array $drifting): self
    {
        if ($hours <= 0.0) {
            return $this;
        }
        $facts = $this->facts;
        foreach ($drifting as $id => $fact) {
            if (isset($facts[$id]) && !($fact->stopsUnderFilm && [] !== $this->films)) {
                $facts[$id] += $hours * $fact->perHour;
            }
        }

        return new self($this->substrate, $facts, array_map(static fn (Film $f): Film => $f->after($hours, $air), $this->films));
    }

    /** Sum of the films' dry thickness, um. */
    public function buildUm(): float
    {
        return array_sum(array_map(static fn (Film $f): float => $f->thickness->um(), $this->films));
    }

    /** Equal for states that no need can tell apart (times in whole hours). */
    public function key(): string
    {
        $facts = $this->facts;
        ksort($facts);
        $parts = [];
        foreach ($facts as $id => $level) {
            $parts[] = $id.'='.('exposed-hours' === $id ? min(99, (int) ceil($level - 1)) : round($level, 3));
        }
        $top = $this->top();

        return implode(',', $parts).'|'.count($this->films).'|'.(null === $top ? '' : $top->phase()->value.($top->touch->isReached() ? '+' : ''));
    }
}
