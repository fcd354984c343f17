<?php

declare(strict_types=1);

namespace App\Worker;

use App\Command\BackupCommand;
use App\Keep\Backup;
use App\Photo\Unclaimed;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Once a day, between its messages, the worker backs everything up, then clears away old archives and photos. */
#[AsEventListener(priority: -4096)]
final class NightlyBackup
{
    /** Hour of the day, UTC, from which on that of the day is made. */
    private const FROM_HOUR = 2;
    /** After one that failed it is tried again, s. */
    private const AGAIN_S = 900;
    private const LOOK_S = 60;

    private readonly Every $every;

    public function __construct(
        private readonly Backup $backup,
        private readonly ClockInterface $clock,
        private readonly LoggerInterface $logger,
        private readonly string $folder,
        private readonly Lead $lead,
        private readonly Unclaimed $unclaimed,
    ) {
        $this->every = new Every($clock, self::LOOK_S);
    }

    public function __invoke(WorkerRunningEvent $event): void
    {
        if (!$this->every->isDue()) {
            return;
        }
        $now = $this->clock->now();
        $due = $now->setTime(self::FROM_HOUR, 0);
        $due = $due > $now ? $due->modify('-1 day') : $due;
        if (self::last($this->folder) >= $due) {
            return;
        }
        try {
            if (!$this->lead->isMine() || $this->backup->isEmpty()) {
                return;
            }
            if (!is_dir($this->folder)) {
                mkdir($this->folder, 0700, true);
            }
            $archive = $this->backup->make($this->folder);
            $this->backup->keep($this->folder, BackupCommand::KEEP);
            $this->logger->notice('Backed up into {path}.', ['path' => $archive->path]);
            $this->unclaimed->clear();
            if ([] !== $archive->missing) {
                $this->logger->error('Photos are missing: {paths}', ['paths' => implode(', ', $archive->missing)]);
            }
        } catch (\Throwable $e) {
            $this->every->notFor(self::AGAIN_S);
            $this->logger->error('The nightly backup failed: {why}', ['why' => $e->getMessage()]);
        }
    }

    /** When the newest was made, by its name. */
    public static function last(string $folder): ?\DateTimeImmutable
    {
        $made = Backup::made($folder);
        $newest =
            [] === $made
                ? false
                : \DateTimeImmutable::createFromFormat(
                    '!Y-m-d\THis\Z',
                    substr(basename(end($made), '.zip'), 5),
                    new \DateTimeZone('UTC'),
                );

        return false === $newest ? null : $newest;
    }
}
