<?php

declare(strict_types=1);

namespace Hull\Store;

use Hull\Pack\Lot;
use Hull\Quantity\Message;
use Hull\Quantity\Quantity;
use Hull\Surface\Shelf;

/** A tin as its ledger leaves it: what is in it, whether it is open, and until when it is good and why. */
final readonly class TinState
{
    private function __construct(
        public Tin $tin,
        public Quantity $left,
        public ?\DateTimeImmutable $opened,
        public ?\DateTimeImmutable $activated,
        public ?\DateTimeImmutable $expires,
        public string|Message $because,
    ) {}

    /** @param list<Movement> $movements in the order they were written */
    public static function of(Tin $tin, array $movements, Shelf $shelf): self
    {
        $left = $tin->size->value();
        $opened = null;
        $activated = null;
        foreach ($movements as $m) {
            $amount = $m->amount?->value() ?? 0.0;
            $left = match ($m->kind) {
                MovementKind::Used, MovementKind::Binned => $left - $amount,
                MovementKind::Back => $left + $amount,
                MovementKind::Counted => $amount,
                default => $left,
            };
            $opened = $m->kind->opens() && (null === $opened || $m->at < $opened) ? $m->at : $opened;
            $activated = MovementKind::Activated === $m->kind ? $activated ?? $m->at : $activated;
        }
        [$expires, $because] = self::expiry($tin, $shelf, $opened, $activated);

        return new self($tin, $tin->size::ofRecord(max(0.0, $left)), $opened, $activated, $expires, $because);
    }

    public function asLot(): Lot
    {
        return new Lot($this->tin->id, $this->left, $this->expires, null !== $this->opened);
    }

    public function isEmpty(): bool
    {
        return $this->left->value() < 1e-6;
    }

    public function isExpired(\DateTimeImmutable $now): bool
    {
        return null !== $this->expires && $this->expires < $now;
    }

    /** @return array{\DateTimeImmutable|null, string|Message} the earliest end of its life, and what ends it */
    private static function expiry(
        Tin $tin,
        Shelf $shelf,
        ?\DateTimeImmutable $opened,
        ?\DateTimeImmutable $activated,
    ): array {
        $ends = [];
        if (null !== $tin->label) {
            $ends[] = [$tin->label, 'by its label'];
        } elseif (null !== $shelf->sealedMonths) {
            $ends[] = [
                $tin->received->modify(sprintf('+%d months', $shelf->sealedMonths)),
                Message::of('{months} months after it came in', months: $shelf->sealedMonths),
            ];
        }
        if (null !== $opened && null !== $shelf->openedMonths) {
            $ends[] = [
                $opened->modify(sprintf('+%d months', $shelf->openedMonths)),
                Message::of('{months} months after opening', months: $shelf->openedMonths),
            ];
        }
        if (null !== $activated && null !== $shelf->activated) {
            $ends[] = [
                $activated->modify(sprintf('+%d seconds', (int) round($shelf->activated->h() * 3600))),
                Message::of('{hours} h after activation', hours: sprintf('%g', $shelf->activated->h())),
            ];
        }
        usort($ends, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $ends[0] ?? [null, 'keeps'];
    }
}
