<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Persistence\WorkshopScope;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Contracts\Service\ResetInterface;

/** The open jobs of a yard with everything that hangs on them, in a few queries however many there are. */
final class WholeYard implements ResetInterface
{
    /** @var array<string, true> whose is here whole already */
    private array $here = [];

    public function __construct(private readonly EntityManagerInterface $em, private readonly WorkshopScope $scope) {}

    public function reset(): void
    {
        $this->here = [];
    }

    /** @return list<JobRow> oldest first */
    public function jobs(): array
    {
        $owner = $this->scope->current();
        if (isset($this->here[$owner])) {
            return $this->em
                ->getRepository(JobRow::class)
                ->findBy(['closedAt' => null], ['createdAt' => 'ASC', 'id' => 'ASC']);
        }
        $this->here[$owner] = true;
        /** @var list<JobRow> $jobs */
        $jobs = $this->em
            ->createQuery(
                'SELECT j, p FROM ' .
                    JobRow::class .
                    ' j LEFT JOIN j.parts p WHERE j.closedAt IS NULL ORDER BY j.createdAt, j.id, p.position',
            )
            ->getResult();
        foreach (['routes', 'log'] as $what) {
            // Each by itself: together they would multiply.
            $this->em
                ->createQuery(
                    sprintf(
                        'SELECT p, x FROM %s p JOIN p.job j LEFT JOIN p.%s x
                        WHERE j.closedAt IS NULL ORDER BY x.number',
                        PartRow::class,
                        $what,
                    ),
                )
                ->getResult();
        }

        return $jobs;
    }

    /** @return list<JobRow> closed since then: what was read in their places still tells of the air there */
    public function closedSince(\DateTimeImmutable $since): array
    {
        /** @var list<JobRow> $jobs */
        $jobs = $this->em
            ->createQuery('SELECT j FROM ' . JobRow::class . ' j WHERE j.closedAt > :since')
            ->setParameter('since', $since, 'instant')
            ->getResult();

        return $jobs;
    }
}
