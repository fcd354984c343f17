<?php

declare(strict_types=1);

namespace Hull\Board;

use Hull\Piece\Precedence;

/** What between the parts is not done yet, of what has to come before a step. */
final class Unmet
{
    /** @var array<int|string, list<Precedence>> "part/key" => what comes before it */
    private array $preceded = [];

    /** @var array<int|string, true> "part/key" */
    private array $done = [];

    /** @var array<int|string, mixed> parts that have a route at all */
    private array $there = [];

    /** @param list<Precedence> $precedences */
    public function __construct(array $precedences)
    {
        foreach ($precedences as $one) {
            $this->preceded[$one->after . '/' . $one->afterKey][] = $one;
        }
    }

    /** @param array<int|string, mixed> $there by part; what waits for others waits for nothing */
    public function begin(array $there): void
    {
        [$this->there, $this->done] = [$there, []];
    }

    public function did(string $zone, string $key): void
    {
        $this->done[$zone . '/' . $key] = true;
    }

    /**
     * @param bool $asOne that two should go in one go counts, too
     *
     * @return list<Precedence>
     */
    public function before(string $zone, string $key, bool $asOne = true): array
    {
        $preceded = $this->preceded[$zone . '/' . $key] ?? [];
        if ([] === $preceded) {
            return [];
        }

        return array_values(
            array_filter(
                $preceded,
                fn(Precedence $p): bool => ($asOne || !$p->asOne) &&
                    !isset($this->done[$p->before . '/' . $p->beforeKey]) &&
                    isset($this->there[$p->before]),
            ),
        );
    }

    /** How much of what comes before the earlier step is no matter of going together. */
    public function alone(Precedence $one): int
    {
        return count(
            array_filter($this->before($one->before, $one->beforeKey), static fn(Precedence $p): bool => !$p->asOne),
        );
    }
}
