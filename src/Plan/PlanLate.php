<?php

declare(strict_types=1);

namespace App\Plan;

/**
 * A part that is not done when it is due. Hours since 1970 UTC.
 *
 * @phpstan-type Kept array{part: string, due: float|int, end?: float|int|null}
 */
final readonly class PlanLate
{
    /** @param ?float $end null where something of it has no hour */
    public function __construct(public string $part, public float $due, public ?float $end = null) {}

    /** @param Kept $kept */
    public static function from(array $kept): self
    {
        return new self(...$kept);
    }

    /** @return Kept */
    public function kept(): array
    {
        return ['part' => $this->part, 'due' => $this->due, 'end' => $this->end];
    }
}
