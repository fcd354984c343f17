<?php

declare(strict_types=1);

namespace Hull\Input;

/** Something a person gave that cannot be used: where it stands, what is wrong, what would be accepted. */
final class InvalidInput extends \DomainException
{
    /** So many are told at once at the most. */
    public const MOST = 20;

    /** @param list<self> $others found beside it */
    public function __construct(
        public readonly string $pointer,
        string $message,
        public readonly string $accepted = '',
        private readonly array $others = [],
    ) {
        parent::__construct($message);
    }

    /**
     * One that tells of all of them, the first leading.
     *
     * @param non-empty-list<self> $faults
     */
    public static function all(array $faults): self
    {
        $each = array_merge(...array_map(static fn(self $f): array => $f->each(), $faults));

        return new self(
            $faults[0]->pointer,
            $faults[0]->getMessage(),
            $faults[0]->accepted,
            array_slice($each, 1, self::MOST - 1),
        );
    }

    /** @return non-empty-list<self> itself and what was found beside it */
    public function each(): array
    {
        return [$this, ...$this->others];
    }
}
