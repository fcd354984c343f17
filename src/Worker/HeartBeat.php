<?php

declare(strict_types=1);

namespace App\Worker;

use App\Keep\Pulse;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\Event\WorkerStartedEvent;

/** The worker says that it is there, at its start and every ten seconds between its messages. */
#[AsEventListener(event: WorkerStartedEvent::class, method: 'started')]
#[AsEventListener(event: WorkerRunningEvent::class, method: 'running')]
final class HeartBeat
{
    private const EVERY_S = 10;

    private readonly Every $every;

    public function __construct(private readonly Pulse $pulse, ClockInterface $clock)
    {
        $this->every = new Every($clock, self::EVERY_S);
    }

    public function started(WorkerStartedEvent $event): void
    {
        $this->beat();
    }

    public function running(WorkerRunningEvent $event): void
    {
        $this->beat();
    }

    private function beat(): void
    {
        if ($this->every->isDue()) {
            $this->pulse->beat(Pulse::WORKER);
        }
    }
}
