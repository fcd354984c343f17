<?php

declare(strict_types=1);

namespace App\Keep;

use App\Photo\DatabaseAdapter;
use App\Photo\PhotoFiles;
use App\Photo\StorageAway;
use Doctrine\DBAL\Connection;

/** Puts an archive back in place of what is there: all of it or nothing. */
final readonly class Restore
{
    public function __construct(
        private Connection $db,
        private Tools $tools,
        private Backup $backup,
        private PhotoFiles $files,
        private DatabaseAdapter $table,
    ) {}

    /**
     * @param list<string> $known migrations that this application has
     *
     * @throws Damaged
     * @throws StorageAway nothing of the database was changed then
     */
    public function from(string $path, array $known): Archive
    {
        $folder = sys_get_temp_dir() . '/hull-restore-' . bin2hex(random_bytes(6));
        mkdir($folder, 0700);
        try {
            $archive = Archive::open($path, $folder . '/dump');
            if ('' !== $archive->schema && !in_array($archive->schema, $known, true)) {
                throw new Damaged('It was made by a newer version of this application; take that one.');
            }
            $this->tools->run('pg_restore', [
                '--no-owner',
                '--no-privileges',
                '--file=' . $folder . '/sql',
                $folder . '/dump',
            ]);
            $this->tools->run('psql', [
                '--no-psqlrc',
                '--quiet',
                '--single-transaction',
                '--set=ON_ERROR_STOP=1',
                '--command=DROP SCHEMA public CASCADE',
                '--file=' . $this->readable($folder . '/sql'),
                ...$this->photos($archive, $folder . '/photos'),
            ]);
            $this->db->close();
            if ($this->backup->rows() !== $archive->rows) {
                throw new \RuntimeException('What was put back is not what the archive says; the counts differ.');
            }

            return $archive;
        } finally {
            array_map(unlink(...), array_filter(["$folder/dump", "$folder/sql", "$folder/photos"], is_file(...)));
            rmdir($folder);
        }
    }

    /**
     * Versions of yards go back with the rest; what was answered under them since then must not be answered again.
     * Their numbers go on from the time of day, where none was before.
     */
    public function renew(): void
    {
        $this->db->executeStatement(
            "SELECT setval('yard_change_id_seq', (extract(epoch FROM clock_timestamp()) * 1000)::bigint)",
        );
        $this->db->executeStatement('INSERT INTO yard_change (workshop_id) SELECT id FROM workshop');
    }

    /**
     * Photos come back in the transaction of the rest where they lie in the database; before it where they lie
     * elsewhere, since files that no row names do no harm.
     *
     * @return list<string> what psql is told besides
     */
    private function photos(Archive $archive, string $script): array
    {
        if ([] !== $archive->photos && $this->files->areInDatabase()) {
            $this->table->script($archive->pictures(), $script);

            return ['--file=' . $script];
        }
        foreach ($archive->pictures() as $path => $bytes) {
            $this->files->put($path, $bytes);
        }

        return [];
    }

    /** The dump of one schema makes it itself, or not, by version of the program. */
    private function readable(string $sql): string
    {
        $begins = (string) file_get_contents($sql, false, null, 0, 20_000);
        if (!str_contains($begins, 'CREATE SCHEMA public')) {
            file_put_contents($sql, "CREATE SCHEMA public;\n" . file_get_contents($sql));
        }

        return $sql;
    }
}
