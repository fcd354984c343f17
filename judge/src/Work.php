<?php

declare(strict_types=1);

namespace Judge;

/** What is judged: a part as somebody surveyed it, and the order of work that came out for it. */
final readonly class Work
{
    /**
     * @param list<string> $found "condition:grade"
     * @param list<Done> $steps
     * @param string|null $wants what was asked for: clean, spots, clear ...; null where nobody said
     * @param float|null $m2 area of the part; null where nobody said
     * @param bool $isInSpots only what is damaged is worked on
     * @param array<string, float> $spread share of the part that a condition covers, 0 to 1; all where nobody said
     */
    public function __construct(
        public string $substrate,
        public array $found,
        public string $service,
        public array $steps,
        public ?string $wants = null,
        public ?float $m2 = null,
        public bool $isInSpots = false,
        public array $spread = [],
    ) {}

    /** @param list<string> $steps ids; "apply-coat product" for a coat */
    public static function of(string $substrate, string $service, array $steps, string ...$found): self
    {
        return new self(
            $substrate,
            array_values($found),
            $service,
            array_map(static function (string $step): Done {
                $words = explode(' ', $step, 2);

                return new Done($words[0], $words[1] ?? null);
            }, $steps),
        );
    }

    public function wanting(string $aim): self
    {
        return new self($this->substrate, $this->found, $this->service, $this->steps, $aim, $this->m2);
    }

    /**
     * The same order on a part of this size.
     *
     * @param list<array{float, float|null}> $takes minutes, and litres of a coat, of each step in turn
     */
    public function taking(float $m2, array $takes): self
    {
        $steps = array_map(
            static fn(Done $d, array $t): Done => new Done($d->step, $d->product, $t[0], $t[1]),
            $this->steps,
            $takes,
        );

        return new self($this->substrate, $this->found, $this->service, $steps, $this->wants, $m2);
    }

    /**
     * The same order with so many hours for each of these steps.
     *
     * @param array<string, float> $hours by step
     */
    public function lasting(array $hours): self
    {
        $steps = array_map(
            static fn(Done $d): Done => new Done(
                $d->step,
                $d->product,
                $d->minutes,
                $d->litres,
                $hours[$d->step] ?? null,
            ),
            $this->steps,
        );

        return new self($this->substrate, $this->found, $this->service, $steps, $this->wants, $this->m2);
    }

    /**
     * The same order where the conditions cover so much of the part.
     *
     * @param array<string, float> $spread by condition, 0 to 1
     */
    public function spreading(array $spread): self
    {
        return new self(
            substrate: $this->substrate,
            found: $this->found,
            service: $this->service,
            steps: $this->steps,
            wants: $this->wants,
            m2: $this->m2,
            spread: $spread,
        );
    }

    /** @param list<string> $substrates */
    public function isOf(array $substrates): bool
    {
        return in_array($this->substrate, $substrates, true);
    }

    /** Whether a condition was found, or one grade of it ("rust", "rust:scale"). */
    public function has(string ...$conditions): bool
    {
        foreach ($this->found as $found) {
            foreach ($conditions as $condition) {
                if ($found === $condition || str_starts_with($found, $condition . ':')) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<string> $steps
     *
     * @return list<int> where one of these steps is done
     */
    public function where(array $steps): array
    {
        return array_keys(array_filter($this->steps, static fn(Done $d): bool => $d->isOneOf($steps)));
    }

    /** @param list<string> $steps */
    public function first(array $steps): ?int
    {
        return $this->where($steps)[0] ?? null;
    }

    /** @param list<string> $steps */
    public function last(array $steps): ?int
    {
        $where = $this->where($steps);

        return $where[count($where) - 1] ?? null;
    }
}
