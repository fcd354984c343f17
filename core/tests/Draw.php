<?php

declare(strict_types=1);

namespace Hull\Tests;

/**
 * Draws that do not walk the catalogue: each candidate has a rank of its own for each question, and the lowest wins.
 * What is added to the catalogue is drawn where its own rank is the lowest; every other draw stays as it was.
 */
final readonly class Draw
{
    public function __construct(private string $seed) {}

    /**
     * @param array<array-key, mixed> $of by id
     *
     * @return string an id
     */
    public function pick(string $question, array $of): string
    {
        $ids = array_map('strval', array_keys($of));
        usort(
            $ids,
            fn(string $a, string $b): int => [$this->rank($question . '/' . $a), $a] <=> [
                $this->rank($question . '/' . $b),
                $b,
            ],
        );

        return $ids[0] ?? throw new \LogicException('Nothing to draw from for ' . $question);
    }

    public function chance(string $question, int $oneIn): bool
    {
        return 0 === $this->rank($question) % $oneIn;
    }

    private function rank(string $of): int
    {
        return (int) hexdec(substr(hash('sha256', $this->seed . '/' . $of), 0, 12));
    }
}
