<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A line of the record. */
final readonly class EntryView
{
    /**
     * @param list<string> $batches what it was poured from
     * @param list<string|Message> $changes what a correction says otherwise than the line it corrects
     */
    public function __construct(
        public string $id,
        public string $kind,
        public ?string $stepKey,
        public string $stepName,
        public string $at,
        public string $writtenAt,
        public string $temperature,
        public string $humidity,
        public string $used,
        public array $batches,
        public string $film,
        public string $note,
        public ?string $corrects,
        public bool $withdrawn,
        public bool $replaced,
        public string $hand,
        public array $changes,
    ) {}
}
