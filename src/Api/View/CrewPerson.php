<?php

declare(strict_types=1);

namespace App\Api\View;

/** Somebody who works. */
final readonly class CrewPerson implements \JsonSerializable
{
    /**
     * @param array<int|string, list<string>> $hours by day, as 8:00-12:30
     * @param list<string> $off days away, as 2026-12-25
     */
    public function __construct(public string $name, public array $hours, public array $off) {}

    /** @return array<array-key, mixed> with maps that stay maps when they are empty */
    public function jsonSerialize(): array
    {
        return [...get_object_vars($this), 'hours' => (object) $this->hours];
    }
}
