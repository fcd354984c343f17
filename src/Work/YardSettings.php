<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Catalog\ProductSheet;
use Hull\Quantity\Gallon;
use Hull\Quantity\Money;
use Hull\Schedule\Calendar\Crew;
use Hull\Store\Supplier;

/** What a workshop settles for all its jobs: money and limits, people, suppliers, sheets, own catalogue. */
final readonly class YardSettings
{
    public function __construct(private EntityManagerInterface $em) {}

    /** @param array<int|string, string> $local topic => text */
    public function general(
        Workshop $workshop,
        string $currency,
        ?Money $hourRate,
        ?int $vocLimit,
        array $local,
        ?int $seen = null,
    ): void {
        $workshop->nextEdition('settings', $seen);
        $workshop->currency = $currency;
        $workshop->hourRate = $hourRate?->minor;
        $workshop->vocLimit = $vocLimit;
        $workshop->local = $local;
        $this->em->flush();
    }

    public function gallon(Workshop $workshop, Gallon $gallon): void
    {
        $workshop->gallon = $gallon;
        $this->em->flush();
    }

    /** Who works in a workshop, and when. */
    public function crew(Workshop $workshop, Crew $crew, ?int $seen = null): void
    {
        $workshop->nextEdition('crew', $seen);
        $workshop->crew = $crew->written;
        $this->em->flush();
    }

    /** @param list<Supplier> $suppliers in order of preference */
    public function suppliers(Workshop $workshop, array $suppliers, ?int $seen = null): void
    {
        $workshop->nextEdition('suppliers', $seen);
        $workshop->suppliers = array_map(
            static fn(Supplier $s): array => ['name' => $s->name, 'leadDays' => $s->leadDays, 'sells' => $s->sells],
            $suppliers,
        );
        $this->em->flush();
    }

    public function keepSheet(Workshop $workshop, ProductSheet $sheet, int $seen): void
    {
        $workshop->nextEdition('sheets', $seen);
        $this->dropSheet($workshop, $sheet->class);
        $workshop->sheets = [...$workshop->sheets, $sheet->written()];
        $this->em->flush();
    }

    public function dropSheet(Workshop $workshop, string $class): void
    {
        $workshop->sheets = array_values(
            array_filter($workshop->sheets, static fn(array $s): bool => ($s['class'] ?? '') !== $class),
        );
        $this->em->flush();
    }

    /** A new secret address for the calendar, or none; the one before no longer answers. */
    public function calendarKey(Workshop $workshop, ?string $key): void
    {
        $workshop->calendarKey = $key;
        $this->em->flush();
    }

    public function ownCatalogue(Workshop $workshop, string $text, int $seen): void
    {
        $workshop->nextEdition('catalogue', $seen);
        $workshop->ownCatalogue = $text;
        $this->em->flush();
    }
}
