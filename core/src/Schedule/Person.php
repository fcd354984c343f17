<?php

declare(strict_types=1);

namespace Hull\Schedule;

/** Somebody who works, and when. Hours since 1970 UTC, ascending, apart. */
final readonly class Person
{
    /**
     * @param list<array{float, float}> $work
     * @param list<array{float, float}> $loud the part of it in which noise may be made
     */
    private function __construct(public string $name, public array $work, public array $loud) {}

    /**
     * @param list<array{float, float}> $work
     * @param list<array{float, float}> $quiet when no noise may be made
     */
    public static function of(string $name, array $work, array $quiet = []): self
    {
        $loud = [];
        foreach ($work as [$from, $to]) {
            foreach ($quiet as [$hush, $end]) {
                if ($hush < $to && $end > $from) {
                    if ($hush > $from + 1e-9) {
                        $loud[] = [$from, $hush];
                    }
                    $from = max($from, $end);
                }
            }
            if ($from < $to - 1e-9) {
                $loud[] = [$from, $to];
            }
        }

        return new self($name, $work, $loud);
    }

    /** Hours of work between two hours. */
    public function between(float $start, float $end): float
    {
        return array_sum(
            array_map(static fn(array $w): float => max(0.0, min($end, $w[1]) - max($start, $w[0])), $this->work),
        );
    }
}
