<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Climate\Air;

/** One line of the record. Never changed; a correction names what it corrects and says it anew. */
final readonly class LogEntry
{
    /**
     * @param string|null $rule     id of the rule a named person takes responsibility for
     * @param string      $by       who does
     * @param string|null $corrects id of the entry this one replaces; the replaced one is kept
     */
    public function __construct(
        public string $id,
        public EntryKind $kind,
        public ?string $stepKey,
        public \DateTimeImmutable $at,
        public ?Air $air,
        public string $note,
        public ?string $corrects,
        public bool $withdrawn = false,
        public ?string $rule = null,
        public string $by = '',
    ) {
    }

    /** Hours since 1970-01-01 UTC. */
    public function hour(): float
    {
        return (float) $this->at->format('U.u') / 3600.0;
    }
}
