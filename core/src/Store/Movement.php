<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Quantity\Quantity;

/** One line of a tin's ledger. Never changed; what was wrong is set right by a further line. */
final readonly class Movement
{
    /**
     * @param Quantity|null $amount for used, back, counted and binned; in the measure of the tin
     * @param string|null $entryId line of the record that used it
     */
    public function __construct(
        public MovementKind $kind,
        public ?Quantity $amount,
        public \DateTimeImmutable $at,
        public ?string $entryId = null,
        public string $note = '',
    ) {}
}
