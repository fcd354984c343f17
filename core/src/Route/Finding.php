<?php

declare(strict_types=1);

namespace Hull\Route;

/** Something wrong in an order of work: which step, which need, what follows, and what mends it. */
final readonly class Finding
{
    /** @param list<Mend> $mends */
    public function __construct(
        public ?string $stepKey,
        public string $stepName,
        public string $needId,
        public string $says,
        public string $consequence,
        public string $source,
        public Severity $severity,
        public array $mends = [],
    ) {
    }

    /** @param list<Mend> $mends */
    public function with(array $mends): self
    {
        return new self($this->stepKey, $this->stepName, $this->needId, $this->says, $this->consequence, $this->source, $this->severity, $mends);
    }

    public function is(self $other): bool
    {
        return $this->stepKey === $other->stepKey && $this->needId === $other->needId;
    }
}
