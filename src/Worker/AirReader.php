<?php

declare(strict_types=1);

namespace App\Worker;

use App\Entity\Workshop;
use App\Persistence\WorkshopScope;
use App\Work\YardAir;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Between its messages the worker asks the weather service and the sensors, so that no page waits for them. */
// After the services were put back to how they began (-1024): a flush that failed has closed the entity manager.
#[AsEventListener(priority: -2048)]
final class AirReader
{
    /** How often it looks whether a forecast or reading is due, s. */
    private const EVERY_S = 60;

    private readonly Every $every;

    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly ManagerRegistry $doctrine,
        private readonly WorkshopScope $scope,
        private readonly YardAir $air,
        private readonly LoggerInterface $logger,
        private readonly Lead $lead,
        ClockInterface $clock,
    ) {
        $this->every = new Every($clock, self::EVERY_S);
    }

    public function __invoke(WorkerRunningEvent $event): void
    {
        if (!$this->every->isDue()) {
            return;
        }
        try {
            if (!$this->lead->isMine()) {
                return;
            }
            $this->em->clear();
            foreach ($this->em->getRepository(Workshop::class)->findAll() as $workshop) {
                $this->scope->enter($workshop);
                $this->air->refresh($workshop);
            }
        } catch (\Throwable $e) {
            $this->logger->error('The air could not be read: {why}', ['why' => $e->getMessage()]);
            $this->doctrine->resetManager();
        }
    }
}
