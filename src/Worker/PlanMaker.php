<?php

declare(strict_types=1);

namespace App\Worker;

use App\Entity\PlanRow;
use App\Entity\Workshop;
use App\Persistence\WorkshopScope;
use App\Work\MakePlan;
use App\Work\SearchOn;
use App\Work\YardPlan;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;

/** Makes the plan of a big yard and says how far it is; what fails is tried again by the queue. */
#[AsMessageHandler]
final readonly class PlanMaker
{
    public function __construct(
        private EntityManagerInterface $em,
        private Connection $db,
        private WorkshopScope $scope,
        private YardPlan $plans,
        private MessageBusInterface $bus,
    ) {}

    public function __invoke(MakePlan $wanted): void
    {
        $this->em->clear();
        $owner = $this->em->find(
            Workshop::class,
            $this->db->fetchOne('SELECT workshop_id FROM yard_plan WHERE id = ?', [$wanted->plan]),
        );
        if (null === $owner) {
            return;
        }
        $this->scope->enter($owner);
        $row = $this->em->find(PlanRow::class, $wanted->plan);
        if (null === $row || PlanRow::DONE === $row->status) {
            return;
        }
        $this->is(PlanRow::WORKING, $wanted);
        try {
            $this->plans->work(
                $row,
                progress: function (int $done, int $of) use ($wanted): void {
                    $this->db->executeStatement('UPDATE yard_plan SET done = ?, tries = ? WHERE id = ?', [
                        $done,
                        $of,
                        $wanted->plan,
                    ]);
                },
            );
            $this->em->flush();
            $this->bus->dispatch(new SearchOn($wanted->plan));
        } catch (\Throwable $e) {
            $this->is(PlanRow::FAILED, $wanted);
            throw $e;
        }
    }

    private function is(string $status, MakePlan $wanted): void
    {
        $this->db->executeStatement('UPDATE yard_plan SET status = ? WHERE id = ?', [$status, $wanted->plan]);
    }
}
