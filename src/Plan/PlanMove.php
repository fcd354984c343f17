<?php

declare(strict_types=1);

namespace App\Plan;

use Hull\Quantity\Message;

/**
 * What a kept plan does otherwise than the one before it. Hours since 1970 UTC.
 *
 * @phpstan-type Kept array{id: string, part: string, name: string, from?: float|int|null, to?: float|int|null,
 *     why: array{says: mixed}, stays?: mixed, paid: float|int, slip: bool}
 */
final readonly class PlanMove
{
    /**
     * @param ?float $from null for what is new
     * @param ?float $to null for what has no room
     * @param string|Message $says why, in words
     * @param string|Message|null $stays what would break if it stayed, in words
     * @param bool $slip it is so little that nobody need be told
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public ?float $from,
        public ?float $to,
        public string|Message $says,
        public string|Message|null $stays,
        public float $rework,
        public bool $slip,
    ) {}

    /** @param Kept $kept */
    public static function from(array $kept): self
    {
        return new self(
            id: $kept['id'],
            part: $kept['part'],
            name: $kept['name'],
            from: $kept['from'] ?? null,
            to: $kept['to'] ?? null,
            says: Message::from($kept['why']['says']),
            stays: isset($kept['stays']) ? Message::from($kept['stays']) : null,
            rework: $kept['paid'],
            slip: $kept['slip'],
        );
    }

    /** @return Kept */
    public function kept(): array
    {
        return [
            'id' => $this->id,
            'part' => $this->part,
            'name' => $this->name,
            'from' => $this->from,
            'to' => $this->to,
            'why' => ['says' => Message::toKeep($this->says)],
            'stays' => null === $this->stays ? null : Message::toKeep($this->stays),
            'paid' => $this->rework,
            'slip' => $this->slip,
        ];
    }
}
