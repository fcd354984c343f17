<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Area\Footprint;
use Hull\Input\Node;
use Hull\Job\Room;
use Hull\Quantity\Length;
use Hull\Quantity\Mass;

/** The room a part takes, in a job file: read, written and described. */
final class RoomForm
{
    private const HEAVIEST_KG = 100_000;
    private const LONGEST_M = 200.0;

    public static function read(?Node $n): ?Room
    {
        if (null === $n) {
            return null;
        }
        $n->only(['long', 'wide', 'way', 'weight']);
        $weight = $n->optional('weight')?->quantity(Mass::class);
        if (null !== $weight && ($weight->kg() <= 0.0 || $weight->kg() > self::HEAVIEST_KG)) {
            throw $n
                ->field('weight')
                ->refuse('No part weighs that.', sprintf('more than 0, up to %d kg', self::HEAVIEST_KG));
        }

        // One side asks for the other; a weight, or how it is kept, may be all that is known.
        $measured = null !== $n->optional('long') || null !== $n->optional('wide');

        return new Room(
            $measured ? self::size($n->field('long')) : null,
            $measured ? self::size($n->field('wide')) : null,
            $n->optional('way')?->choice(Footprint::WAYS) ?? Footprint::STANDS,
            $weight,
        );
    }

    /** More than nothing, and no longer than anything that is restored. */
    public static function size(Node $n): Length
    {
        $size = $n->quantity(Length::class);
        if ($size->m() <= 0.0 || $size->m() > self::LONGEST_M) {
            throw $n->refuse('Nothing here is that long.', sprintf('more than 0, up to %d m', self::LONGEST_M));
        }

        return $size;
    }

    /** @return array<string, float|string> */
    public static function written(Room $room): array
    {
        return array_filter(
            [
                'long' => $room->long?->value(),
                'wide' => $room->wide?->value(),
                'way' => $room->way,
                'weight' => $room->weight?->value(),
            ],
            static fn(float|string|null $v): bool => null !== $v,
        );
    }

    /** @return array<string, mixed> JSON Schema */
    public static function schema(): array
    {
        return [
            'type' => 'object',
            'additionalProperties' => false,
            'dependentRequired' => ['long' => ['wide'], 'wide' => ['long']],
            'properties' => [
                'long' => ['type' => ['number', 'string']],
                'wide' => ['type' => ['number', 'string']],
                'way' => ['enum' => Footprint::WAYS],
                'weight' => ['type' => ['number', 'string']],
            ],
        ];
    }
}
