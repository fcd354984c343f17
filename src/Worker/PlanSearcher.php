<?php

declare(strict_types=1);

namespace App\Worker;

use App\Entity\PlanRow;
use App\Entity\Workshop;
use App\Persistence\WorkshopScope;
use App\Work\SearchOn;
use App\Work\YardPlan;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/**
 * Goes on searching when a plan is made and shown, and writes beside it what it found. It makes way: when there is a
 * newer plan, or anything waits for the worker, it leaves off.
 */
#[AsMessageHandler]
final readonly class PlanSearcher
{
    /** The database is asked no more often than that, nanoseconds. */
    private const LEAST_NS = 500_000_000;

    public function __construct(
        private EntityManagerInterface $em,
        private Connection $db,
        private WorkshopScope $scope,
        private YardPlan $plans,
    ) {}

    public function __invoke(SearchOn $wanted): void
    {
        $this->em->clear();
        $owner = $this->em->find(
            Workshop::class,
            $this->db->fetchOne('SELECT workshop_id FROM yard_plan WHERE id = ?', [$wanted->plan]),
        );
        if (null === $owner || !$this->isWanted($wanted)) {
            return;
        }
        $this->scope->enter($owner);
        $row = $this->em->find(PlanRow::class, $wanted->plan);
        if (null !== $row && PlanRow::DONE === $row->status) {
            $asked = hrtime(true);
            $this->plans->searchOn($row, function () use (&$asked, $wanted): bool {
                if (hrtime(true) - $asked < self::LEAST_NS) {
                    return true;
                }
                $asked = hrtime(true);

                return $this->isWanted($wanted);
            });
            $this->em->flush();
        }
    }

    /** It is still the newest, and nobody waits for another. */
    private function isWanted(SearchOn $wanted): bool
    {
        return true ===
            $this->db->fetchOne(
                "SELECT NOT EXISTS (
                    SELECT 1 FROM yard_plan newer JOIN yard_plan mine USING (workshop_id)
                    WHERE mine.id = ? AND newer.version > mine.version
                ) AND NOT EXISTS (
                    SELECT 1 FROM messenger_messages WHERE queue_name = 'plans' AND delivered_at IS NULL
                )",
                [$wanted->plan],
            );
    }
}
