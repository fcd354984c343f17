<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;

/** Says in whose workshop the following queries are. */
final readonly class WorkshopScope
{
    public function __construct(private EntityManagerInterface $em) {}

    public function enter(Workshop $workshop): void
    {
        $this->em->getFilters()->enable(WorkshopFilter::NAME)->setParameter('workshop', $workshop->id->toRfc4122());
    }

    /** Whose they are in now; empty for nobody's. */
    public function current(): string
    {
        $filter = $this->em->getFilters()->getFilter(WorkshopFilter::NAME);

        return $filter->hasParameter('workshop') ? $filter->getParameter('workshop') : '';
    }
}
