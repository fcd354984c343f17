<?php

declare(strict_types=1);

namespace App\Worker;

use App\Keep\Pulse;
use App\Photo\PhotoFiles;
use App\Photo\StorageAway;
use Psr\Clock\ClockInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Where photos lie outside of the database, the worker looks every minute whether that place answers. */
#[AsEventListener(priority: -2560)]
final class PhotoWatch
{
    private const EVERY_S = 60;

    private readonly Every $every;

    public function __construct(
        private readonly PhotoFiles $files,
        private readonly Pulse $pulse,
        private readonly Lead $lead,
        ClockInterface $clock,
    ) {
        $this->every = new Every($clock, self::EVERY_S);
    }

    public function __invoke(WorkerRunningEvent $event): void
    {
        if (!$this->every->isDue() || !$this->lead->isMine()) {
            return;
        }
        if ($this->files->areInDatabase()) {
            $this->pulse->forget(Pulse::PHOTOS);

            return;
        }
        try {
            $this->files->has('there');
            $this->pulse->beat(Pulse::PHOTOS);
        } catch (StorageAway) {
            $this->pulse->missed(Pulse::PHOTOS);
        }
    }
}
