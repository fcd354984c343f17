<?php

declare(strict_types=1);

namespace Hull\Mix;

use Hull\Quantity\Duration;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Volume;

/** How many equal batches a coat needs, so that none outlives its pot or overfills the cup. */
final readonly class Batches
{
    /** Fill of a mixing vessel that still stirs without spilling. */
    public const VESSEL_FILL = 2 / 3;

    private function __construct(public int $count, public Volume $each, public bool $belowSmallestDose) {}

    /**
     * n = ceil(need / min(use per hour x usable pot life, vessel x 2/3)); null limits do not bind.
     *
     * @param float|null $litresPerHour paint used per hour at the worker's pace
     */
    public static function plan(
        Volume $need,
        ?float $litresPerHour,
        ?Duration $usable,
        ?Volume $vessel,
        ?Volume $smallest = null,
    ): self {
        $limits = [];
        if (null !== $litresPerHour && null !== $usable) {
            $limits[] = $litresPerHour * $usable->h();
        }
        if (null !== $vessel) {
            $limits[] = $vessel->litresValue() * self::VESSEL_FILL;
        }
        $limit = [] === $limits ? \INF : min($limits);
        if ($limit <= 0.0) {
            throw new InvalidQuantity(
                'No paint can be used within the pot life or the vessel.',
                'a pace, a pot life and a vessel above zero',
            );
        }
        $count = max(1, (int) ceil($need->litresValue() / $limit - 1e-6));
        $each = Volume::litres($need->litresValue() / $count);

        return new self($count, $each, null !== $smallest && $each->litresValue() < $smallest->litresValue());
    }
}
