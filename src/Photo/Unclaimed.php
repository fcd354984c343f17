<?php

declare(strict_types=1);

namespace App\Photo;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/**
 * Clears away files that no row names any more: of photos taken out, of parts that went, of writes that were not
 * finished. Only below the folders of yards that are in this database, and only what has lain there for a day, since a
 * file is written before its row. Never while a backup reads.
 */
final readonly class Unclaimed
{
    /** Held by backups, shared; by this, alone. */
    public const LOCK = 1_213_549_645;
    private const LEFT_S = 86_400;

    public function __construct(
        private Connection $db,
        private PhotoFiles $files,
        private PhotoPaths $paths,
        private ClockInterface $clock,
    ) {}

    /**
     * @return int|null how many files were removed; null while a backup runs
     *
     * @throws StorageAway
     */
    public function clear(): ?int
    {
        return $this->db->transactional(function (): ?int {
            if (true !== $this->db->fetchOne('SELECT pg_try_advisory_xact_lock(?)', [self::LOCK])) {
                return null;
            }
            $removed = 0;
            $before = $this->clock->now()->getTimestamp() - self::LEFT_S;
            foreach (
                array_filter($this->db->fetchFirstColumn('SELECT id FROM workshop'), is_string(...))
                as $workshop
            ) {
                $there = $this->files->below($workshop);
                $claimed = [] === $there ? [] : array_flip($this->paths->ofWorkshop($workshop));
                foreach (array_diff_key($there, $claimed) as $path => $written) {
                    if ($written < $before) {
                        $this->files->remove((string) $path);
                        ++$removed;
                    }
                }
            }

            return $removed;
        });
    }
}
