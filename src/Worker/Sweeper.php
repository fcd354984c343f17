<?php

declare(strict_types=1);

namespace App\Worker;

use Doctrine\DBAL\Connection;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Cache\PruneableInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Once an hour the worker throws away what is of no use any more: old lines of changes, kept answers that ended. */
#[AsEventListener(priority: -3072)]
final class Sweeper
{
    private const EVERY_S = 3600;

    private readonly Every $every;

    public function __construct(
        private readonly Connection $db,
        private readonly PruneableInterface $answers,
        private readonly CacheItemPoolInterface $derived,
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
        // Kept answers lie with each machine.
        $this->answers->prune();
        if ($this->derived instanceof PruneableInterface) {
            $this->derived->prune();
        }
        if ($this->lead->isMine()) {
            // Of each yard the last line stays: it is its version.
            $this->db->executeStatement(
                "DELETE FROM yard_change c WHERE at < now() - interval '1 hour' AND EXISTS
                (SELECT 1 FROM yard_change n WHERE n.workshop_id = c.workshop_id AND n.id > c.id)",
            );
        }
    }
}
