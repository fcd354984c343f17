<?php

declare(strict_types=1);

namespace App\Keep;

use App\Photo\DatabaseAdapter;
use App\Photo\PhotoFiles;
use App\Photo\PhotoPaths;
use App\Photo\StorageAway;
use App\Photo\Unclaimed;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\Filesystem\Filesystem;

/** Makes an archive of everything as it was at one moment, while work goes on, and clears old ones away. */
final readonly class Backup
{
    /** Who is signed in is nobody's to take back; photos are in the archive as files, wherever they are kept. */
    private const WITHOUT = ['web_session', DatabaseAdapter::TABLE];

    public function __construct(
        private Connection $db,
        private Tools $tools,
        private PhotoFiles $files,
        private PhotoPaths $paths,
        private ClockInterface $clock,
    ) {}

    public function isEmpty(): bool
    {
        return !$this->db->createSchemaManager()->tablesExist(['account']) ||
            0 === $this->db->fetchOne('SELECT count(*) FROM account');
    }

    public function schema(): string
    {
        $last = $this->db->fetchOne('SELECT max(version) FROM doctrine_migration_versions');

        return is_string($last) ? $last : '';
    }

    /** @return array<int|string, int> rows by table */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->db->createSchemaManager()->listTableNames() as $table) {
            $table = trim($table, '"');
            if (!in_array($table, self::WITHOUT, true)) {
                $count = $this->db->fetchOne('SELECT count(*) FROM ' . $this->db->quoteSingleIdentifier($table));
                $rows[$table] = is_int($count) ? $count : 0;
            }
        }
        ksort($rows);

        return $rows;
    }

    /** @param string $to path of the archive, or a folder for one with the time in its name */
    public function make(string $to, string $note = ''): Archive
    {
        $now = $this->clock->now();
        $path = is_dir($to)
            ? sprintf('%s/hull-%s%s.zip', rtrim($to, '/'), $now->format('Y-m-d\THis\Z'), '' === $note ? '' : "-$note")
            : $to;
        [$dump, $photos] = [$path . '.dump', $path . '.photos'];
        if (!is_dir(dirname($path)) || !is_writable(dirname($path))) {
            throw new \RuntimeException(sprintf('%s is no folder that can be written to.', dirname($path)));
        }
        // Before the snapshot is taken: what it knows is not cleared away while it is read.
        $this->db->executeStatement('SELECT pg_advisory_lock_shared(?)', [Unclaimed::LOCK]);
        $this->db->beginTransaction();
        try {
            // The dump and the counts see the same moment.
            $this->db->executeStatement('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ READ ONLY');
            $snapshot = $this->db->fetchOne('SELECT pg_export_snapshot()');
            touch($dump);
            chmod($dump, 0600);
            $this->tools->run('pg_dump', [
                '--format=custom',
                '--no-owner',
                '--no-privileges',
                '--schema=public',
                '--snapshot=' . (is_string($snapshot) ? $snapshot : ''),
                '--file=' . $dump,
                ...array_map(static fn(string $t): string => '--exclude-table-data=public.' . $t, self::WITHOUT),
            ]);

            return Archive::write($path, $dump, $now, $this->schema(), $this->rows(), $this->photos($photos));
        } catch (StorageAway $e) {
            throw new \RuntimeException('The photos could not be read. ' . $e->getMessage() . '.', 0, $e);
        } finally {
            $this->db->rollBack();
            $this->db->executeStatement('SELECT pg_advisory_unlock_shared(?)', [Unclaimed::LOCK]);
            (new Filesystem())->remove([$dump, $photos]);
        }
    }

    /**
     * Fetches the files of all photos that the snapshot knows. Before the upgrade that took them out of their rows
     * they are in the dump.
     *
     * @return array<int|string, string|null> where they lie now, by path; null for one that is missing
     */
    private function photos(string $folder): array
    {
        $there = [];
        if (true !== $this->db->fetchOne('SELECT to_regclass(?) IS NOT NULL', [DatabaseAdapter::TABLE])) {
            return $there;
        }
        mkdir($folder, 0700);
        foreach ($this->paths->all() as $path) {
            $bytes = $this->files->get($path);
            $there[$path] = null === $bytes ? null : $folder . '/' . $path;
            if (null !== $bytes) {
                (new Filesystem())->dumpFile($folder . '/' . $path, $bytes);
            }
        }

        return $there;
    }

    /**
     * Removes the oldest of those it made itself, and what one that was killed left beside its archive a day ago.
     *
     * @return int how many are left
     */
    public function keep(string $folder, int $most): int
    {
        $halves = glob(rtrim($folder, '/') . '/hull-*.zip.{dump,photos,part}', \GLOB_BRACE);
        $before = $this->clock->now()->getTimestamp() - 86_400;
        (new Filesystem())->remove(
            array_filter(false === $halves ? [] : $halves, static fn(string $h): bool => filemtime($h) < $before),
        );
        $made = self::made($folder);
        foreach (array_slice($made, 0, max(0, count($made) - $most)) as $old) {
            unlink($old);
        }

        return min(count($made), $most);
    }

    /** @return list<string> paths of those without a note, oldest first */
    public static function made(string $folder): array
    {
        $made = glob(rtrim($folder, '/') . '/hull-????-??-??T??????Z.zip');
        $made = false === $made ? [] : $made;
        sort($made);

        return $made;
    }
}
