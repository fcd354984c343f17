<?php

declare(strict_types=1);

namespace Hull\Surface;

use Hull\Quantity\Duration;

/**
 * How long a material keeps: sealed, once opened, once activated. Months by the calendar; null where there is no
 * limit.
 */
final readonly class Shelf
{
    /** A tin that keeps at least this long once opened is worth keeping (calculations 3). */
    private const WORTH_KEEPING_MONTHS = 3;

    public function __construct(
        public ?int $sealedMonths = null,
        public ?int $openedMonths = null,
        public ?Duration $activated = null,
        public string $note = '',
    ) {}

    /** Whether what is left over may be counted as worth something. */
    public function keepsOpened(): bool
    {
        return null === $this->activated &&
            (null === $this->openedMonths || $this->openedMonths > self::WORTH_KEEPING_MONTHS);
    }

    public function text(): string
    {
        return implode(
            '; ',
            array_filter(
                [
                    null === $this->sealedMonths
                        ? ('' === $this->note
                            ? 'keeps'
                            : '')
                        : sprintf('%d months sealed', $this->sealedMonths),
                    null === $this->openedMonths ? '' : sprintf('%d months opened', $this->openedMonths),
                    null === $this->activated ? '' : sprintf('%g h once activated', $this->activated->h()),
                    $this->note,
                ],
                static fn(string $t): bool => '' !== $t,
            ),
        );
    }
}
