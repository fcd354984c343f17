<?php

declare(strict_types=1);

namespace Hull\Surface;

use Hull\Climate\Air;

/** What a surface is now: facts by level (0 = absent) and the films on it, bottom to top. Immutable. */
final readonly class SurfaceState
{
    /**
     * @param array<int|string, float> $facts
     * @param list<Film> $films
     */
    private function __construct(public string $substrate, public array $facts, public array $films) {}

    /** @param array<int|string, float> $facts */
    public static function of(string $substrate, array $facts): self
    {
        return new self($substrate, array_filter($facts, static fn(float $v): bool => 0.0 !== $v), []);
    }

    public function fact(string $id): float
    {
        return $this->facts[$id] ?? 0.0;
    }

    public function with(string $fact, float $level): self
    {
        return $this->withAll([$fact => $level]);
    }

    /** @param array<int|string, float> $levels below nought only hours that have yet to begin to count */
    public function withAll(array $levels): self
    {
        $facts = $this->facts;
        foreach ($levels as $fact => $level) {
            if (0.0 !== $level) {
                $facts[$fact] = $level;
            } else {
                unset($facts[$fact]);
            }
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
        return 0 === $coats || [] === $this->films
            ? $this
            : new self(
                $this->substrate,
                $this->facts,
                array_slice($this->films, 0, max(0, count($this->films) - $coats)),
            );
    }

    /** Every film on it fully cured at once, as an oven does. */
    public function cured(): self
    {
        return new self(
            $this->substrate,
            $this->facts,
            array_map(static fn(Film $f): Film => $f->cured(), $this->films),
        );
    }

    /** With the top film as it would stand in a phase. */
    public function topStanding(FilmPhase $phase): self
    {
        $top = $this->top();

        return null === $top ? $this : $this->strip(1)->lay($top->standing($phase));
    }

    /** @param int $number of the film, 0 at the bottom */
    public function read(int $number, \Hull\Quantity\FilmThickness $thickness): self
    {
        $films = $this->films;
        $films[$number] = $films[$number]->read($thickness);

        return new self($this->substrate, $this->facts, array_values($films));
    }

    public function top(): ?Film
    {
        return $this->films[count($this->films) - 1] ?? null;
    }

    public function phase(): FilmPhase
    {
        return $this->top()?->phase() ?? FilmPhase::None;
    }

    /** @param array<int|string, Fact> $drifting facts that change with time */
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
        $films = array_map(static fn(Film $f): Film => $f->after($hours, $air), $this->films);

        return new self($this->substrate, $facts, $films);
    }

    /** Sum of the films' dry thickness, um. */
    public function buildUm(): float
    {
        return array_sum(array_map(static fn(Film $f): float => $f->thickness->um(), $this->films));
    }

    /**
     * Equal for states that no need can tell apart (times in whole hours).
     *
     * @param array<int|string, true>|null $relevant only these facts are looked at
     */
    public function key(?array $relevant = null): string
    {
        $facts = null === $relevant ? $this->facts : array_intersect_key($this->facts, $relevant);
        ksort($facts);
        $key = '';
        foreach ($facts as $id => $level) {
            $key .= $id . ('exposed-hours' === $id ? min(99, (int) ceil($level - 1)) : $level) . ',';
        }
        $top = $this->top();

        return $key .
            '|' .
            count($this->films) .
            (null === $top
                ? ''
                : $top->phase()->value .
                    ($top->touch->isReached() ? '+' : '') .
                    ($top->handle->isReached() ? 'h' : '') .
                    ($top->sand->isReached() ? 's' : '') .
                    ($top->isOpen() ? 'o' : ''));
    }
}
