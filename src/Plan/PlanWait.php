<?php

declare(strict_types=1);

namespace App\Plan;

use Hull\Quantity\Message;

/**
 * What a kept plan has no hour for, and why: one activity, or a block that waits as a whole for one of its activities.
 *
 * @phpstan-type Kept array{id: string, part: string, name: string, says: mixed, bares?: bool, air?: bool,
 *                     with?: list<string>}
 */
final readonly class PlanWait
{
    /**
     * @param bool $bares the block would lay something bare
     * @param bool $air other air or more hands might help it
     * @param list<string> $with other parts that wait for the block
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public string|Message $says,
        public bool $bares = false,
        public bool $air = false,
        public array $with = [],
    ) {}

    /** @param Kept $kept */
    public static function from(array $kept): self
    {
        return new self(...[...$kept, 'says' => Message::from($kept['says'])]);
    }

    /** @return Kept */
    public function kept(): array
    {
        return [
            'id' => $this->id,
            'part' => $this->part,
            'name' => $this->name,
            'says' => Message::toKeep($this->says),
            'bares' => $this->bares,
            'air' => $this->air,
            'with' => $this->with,
        ];
    }
}
