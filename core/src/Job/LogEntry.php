<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Climate\Air;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Instant;
use Hull\Quantity\Volume;

/** One line of the record. Never changed; a correction names what it corrects and says it anew. */
final readonly class LogEntry
{
    /**
     * @param string|null $rule id of the rule a named person takes responsibility for
     * @param string $by who does
     * @param string|null $corrects id of the entry this one replaces; the replaced one is kept
     * @param Volume|null $used paint of a finished coat, without thinner
     * @param FilmThickness|null $film dry film measured on it
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
        public ?Volume $used = null,
        public ?FilmThickness $film = null,
    ) {}

    /** The same line with the paint it used. */
    public function using(?Volume $used): self
    {
        return new self(
            id: $this->id,
            kind: $this->kind,
            stepKey: $this->stepKey,
            at: $this->at,
            air: $this->air,
            note: $this->note,
            corrects: $this->corrects,
            withdrawn: $this->withdrawn,
            rule: $this->rule,
            by: $this->by,
            used: $used,
            film: $this->film,
        );
    }

    public function noting(string $note): self
    {
        return new self(
            id: $this->id,
            kind: $this->kind,
            stepKey: $this->stepKey,
            at: $this->at,
            air: $this->air,
            note: $note,
            corrects: $this->corrects,
            withdrawn: $this->withdrawn,
            rule: $this->rule,
            by: $this->by,
            used: $this->used,
            film: $this->film,
        );
    }

    public function movedTo(\DateTimeImmutable $at): self
    {
        return new self(
            id: $this->id,
            kind: $this->kind,
            stepKey: $this->stepKey,
            at: $at,
            air: $this->air,
            note: $this->note,
            corrects: $this->corrects,
            withdrawn: $this->withdrawn,
            rule: $this->rule,
            by: $this->by,
            used: $this->used,
            film: $this->film,
        );
    }

    /** Hours since 1970-01-01 UTC. */
    public function hour(): float
    {
        return Instant::hour($this->at);
    }
}
