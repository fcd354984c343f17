<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Quantity\Message;

/** Something wrong in an order of work: which step, which need, what follows, and what mends it. */
final readonly class Finding
{
    /**
     * @param list<Mend> $mends
     * @param bool $mayBeTaken a trained person may decide to go on, with name and reason in the record
     * @param string $takenBy who did, and why
     */
    public function __construct(
        public ?string $stepKey,
        public string $stepName,
        public string $needId,
        public string|Message $says,
        public string|Message $consequence,
        public string|Message $source,
        public Severity $severity,
        public array $mends = [],
        public bool $mayBeTaken = false,
        public string $takenBy = '',
    ) {}

    /** @param list<Mend> $mends */
    public function with(array $mends): self
    {
        return new self(
            stepKey: $this->stepKey,
            stepName: $this->stepName,
            needId: $this->needId,
            says: $this->says,
            consequence: $this->consequence,
            source: $this->source,
            severity: $this->severity,
            mends: $mends,
            mayBeTaken: $this->mayBeTaken,
            takenBy: $this->takenBy,
        );
    }

    public function takenBy(string $words): self
    {
        return new self(
            stepKey: $this->stepKey,
            stepName: $this->stepName,
            needId: $this->needId,
            says: $this->says,
            consequence: $this->consequence,
            source: $this->source,
            severity: Severity::Caution,
            mends: $this->mends,
            mayBeTaken: $this->mayBeTaken,
            takenBy: $words,
        );
    }

    /** The work cannot be planned or started like this. */
    public function isInTheWay(): bool
    {
        return Severity::Caution !== $this->severity;
    }

    public function is(self $other): bool
    {
        return $this->stepKey === $other->stepKey && $this->needId === $other->needId;
    }
}
