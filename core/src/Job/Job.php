<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Quantity\Money;

/** A thing in the yard: its parts and the places they are worked in. */
final readonly class Job
{
    private const EVENING = '18:00';

    /**
     * @param array<int|string, Place> $places
     * @param list<Part> $parts
     * @param list<string> $without gear, skills and tastes the workshop does without
     * @param list<SavedCard> $cards work that is no plain coat
     * @param list<Tag> $register what came off and what was put in, and where it is
     * @param Money|null $bought what was paid for it, where it was bought to be restored
     * @param Money|null $sale what it is to be sold for; null where it is not for sale
     * @param string|null $due day by whose evening it is to be done, as 2026-12-25
     */
    public function __construct(
        public string $name,
        public string $note,
        public array $places,
        public array $parts,
        public array $without = [],
        public array $cards = [],
        public ?string $due = null,
        public array $register = [],
        public ?Money $bought = null,
        public ?Money $sale = null,
    ) {}

    /** When it is to be done, where the yard is. */
    public function dueAt(\DateTimeZone $zone): ?\DateTimeImmutable
    {
        return null === $this->due ? null : self::evening($this->due, $zone);
    }

    /** @param string $day as 2026-12-25 */
    public static function evening(string $day, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable($day . ' ' . self::EVENING, $zone);
    }

    public function place(string $id): Place
    {
        return $this->places[$id] ?? throw new \LogicException('No place ' . $id . '.');
    }
}
