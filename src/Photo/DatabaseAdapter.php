<?php

declare(strict_types=1);

namespace App\Photo;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use League\Flysystem\Config;
use League\Flysystem\FileAttributes;
use League\Flysystem\FilesystemAdapter;
use League\Flysystem\UnableToCopyFile;
use League\Flysystem\UnableToMoveFile;
use League\Flysystem\UnableToReadFile;
use League\Flysystem\UnableToRetrieveMetadata;
use League\Flysystem\Visibility;
use Psr\Clock\ClockInterface;

/**
 * Files in a table of the database: in one transaction with the rows that name them, in its standby, nothing else to
 * run. Folders are what stands before a slash; all of it is private.
 */
final readonly class DatabaseAdapter implements FilesystemAdapter
{
    public const TABLE = 'photo_file';
    private const ATTRIBUTES = 'SELECT path, octet_length(bytes) AS size, extract(epoch FROM at) AS at FROM photo_file';

    public function __construct(private Connection $db, private ClockInterface $clock) {}

    public function fileExists(string $path): bool
    {
        return false !== $this->db->fetchOne('SELECT 1 FROM photo_file WHERE path = ?', [$path]);
    }

    public function directoryExists(string $path): bool
    {
        return false !== $this->db->fetchOne('SELECT 1 FROM photo_file WHERE starts_with(path, ?) LIMIT 1', ["$path/"]);
    }

    public function write(string $path, string $contents, Config $config): void
    {
        $this->db->executeStatement(
            'INSERT INTO photo_file (path, bytes, at) VALUES (?, ?, ?)
            ON CONFLICT (path) DO UPDATE SET bytes = EXCLUDED.bytes, at = EXCLUDED.at',
            [$path, $contents, $this->now()],
            [ParameterType::STRING, ParameterType::LARGE_OBJECT, ParameterType::STRING],
        );
    }

    public function writeStream(string $path, $contents, Config $config): void
    {
        $this->write($path, (string) stream_get_contents($contents), $config);
    }

    public function read(string $path): string
    {
        return (string) stream_get_contents($this->readStream($path));
    }

    public function readStream(string $path)
    {
        $bytes = $this->db->fetchOne('SELECT bytes FROM photo_file WHERE path = ?', [$path]);

        return is_resource($bytes) ? $bytes : throw UnableToReadFile::fromLocation($path, 'there is no such file');
    }

    public function delete(string $path): void
    {
        $this->db->executeStatement('DELETE FROM photo_file WHERE path = ?', [$path]);
    }

    public function deleteDirectory(string $path): void
    {
        $this->db->executeStatement('DELETE FROM photo_file WHERE starts_with(path, ?)', ["$path/"]);
    }

    public function createDirectory(string $path, Config $config): void {}

    public function setVisibility(string $path, string $visibility): void {}

    public function visibility(string $path): FileAttributes
    {
        return new FileAttributes($path, visibility: Visibility::PRIVATE);
    }

    public function mimeType(string $path): FileAttributes
    {
        $type = (new \finfo(\FILEINFO_MIME_TYPE))->buffer($this->read($path));

        return new FileAttributes($path, mimeType: false === $type ? null : $type);
    }

    public function lastModified(string $path): FileAttributes
    {
        return $this->found($path) ?? throw UnableToRetrieveMetadata::lastModified($path);
    }

    public function fileSize(string $path): FileAttributes
    {
        return $this->found($path) ?? throw UnableToRetrieveMetadata::fileSize($path);
    }

    /** @return iterable<FileAttributes> files below a folder, also where only those right in it are asked for */
    public function listContents(string $path, bool $deep): iterable
    {
        $below = '' === $path ? '' : "$path/";
        $rows = $this->db->executeQuery(self::ATTRIBUTES . ' WHERE starts_with(path, ?) ORDER BY path', [$below]);
        foreach ($rows->iterateAssociative() as $row) {
            yield self::attributes($row);
        }
    }

    public function move(string $source, string $destination, Config $config): void
    {
        $moved = $this->db->executeStatement('UPDATE photo_file SET path = ? WHERE path = ?', [$destination, $source]);
        if (1 !== $moved) {
            throw UnableToMoveFile::because('there is no such file', $source, $destination);
        }
    }

    public function copy(string $source, string $destination, Config $config): void
    {
        $copied = $this->db->executeStatement(
            'INSERT INTO photo_file (path, bytes, at) SELECT ?, bytes, at FROM photo_file WHERE path = ?',
            [$destination, $source],
        );
        if (1 !== $copied) {
            throw UnableToCopyFile::because('there is no such file', $source, $destination);
        }
    }

    /**
     * Writes the SQL that puts files into the table, for psql, after whatever script has set its search path.
     *
     * @param iterable<string, string> $files bytes by path
     */
    public function script(iterable $files, string $to): void
    {
        $script = new \SplFileObject($to, 'w');
        $script->fwrite("COPY public.photo_file (path, bytes, at) FROM stdin;\n");
        foreach ($files as $path => $bytes) {
            $script->fwrite(sprintf("%s\t\\\\x%s\t%s\n", $path, bin2hex($bytes), $this->now()));
        }
        $script->fwrite("\\.\n");
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d\TH:i:s.uP');
    }

    private function found(string $path): ?FileAttributes
    {
        $row = $this->db->fetchAssociative(self::ATTRIBUTES . ' WHERE path = ?', [$path]);

        return false === $row ? null : self::attributes($row);
    }

    /** @param array<string, mixed> $row */
    private static function attributes(array $row): FileAttributes
    {
        ['path' => $path, 'size' => $size, 'at' => $at] = $row;

        return new FileAttributes(
            is_string($path) ? $path : '',
            is_int($size) ? $size : null,
            Visibility::PRIVATE,
            is_numeric($at) ? (int) $at : null,
        );
    }
}
