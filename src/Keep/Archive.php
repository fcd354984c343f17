<?php

declare(strict_types=1);

namespace App\Keep;

use Hull\Input\InvalidInput;
use Hull\Input\Node;

/**
 * One file that holds a whole instance: a zip with the dump of the database (photos lie in it) and a manifest of its
 * checksum and of what is in it. See docs/operating.md.
 */
final readonly class Archive
{
    public const FORMAT = 'unbowed-hull-backup';
    public const VERSION = 1;
    private const MANIFEST = 'manifest.json';
    private const DUMP = 'database.dump';

    /**
     * @param array<int|string, int> $rows by table
     * @param string $schema the last migration it was made with
     */
    private function __construct(
        public string $path,
        public \DateTimeImmutable $made,
        public string $schema,
        public array $rows,
    ) {}

    /**
     * Written beside the place first, so that half an archive never lies there.
     *
     * @param string $dump path of the database dump
     * @param array<int|string, int> $rows by table
     */
    public static function write(
        string $path,
        string $dump,
        \DateTimeImmutable $made,
        string $schema,
        array $rows,
    ): self {
        $part = $path . '.part';
        $zip = new \ZipArchive();
        if (true !== $zip->open($part, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException(sprintf('%s cannot be written.', $part));
        }
        $zip->addFile($dump, self::DUMP);
        $zip->setCompressionName(self::DUMP, \ZipArchive::CM_STORE);
        $zip->addFromString(
            self::MANIFEST,
            json_encode(
                [
                    'format' => self::FORMAT,
                    'version' => self::VERSION,
                    'made' => $made->format(\DATE_ATOM),
                    'schema' => $schema,
                    'rows' => $rows,
                    'dump' => ['bytes' => filesize($dump), 'sha256' => hash_file('sha256', $dump)],
                ],
                \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES,
            ),
        );
        if (!$zip->close() || !chmod($part, 0600) || !rename($part, $path)) {
            @unlink($part);
            throw new \RuntimeException(sprintf('%s could not be written; is the disk full?', $path));
        }

        return new self($path, $made, $schema, $rows);
    }

    /**
     * Reads one and takes the dump out of it, to a path, once its checksum is right.
     *
     * @throws Damaged
     */
    public static function open(string $path, string $dump): self
    {
        $zip = new \ZipArchive();
        if (!is_file($path) || true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw new Damaged(sprintf('%s is no backup: it cannot be opened as a zip archive.', $path));
        }
        try {
            $manifest = Node::root(json_decode((string) $zip->getFromName(self::MANIFEST), true));
            $manifest->field('format')->choice([self::FORMAT]);
            $version = $manifest->field('version')->integer(1, 1_000_000);
            if ($version > self::VERSION) {
                throw new Damaged(sprintf('It is of version %d; this application reads %d.', $version, self::VERSION));
            }
            $in = $zip->getStream(self::DUMP);
            $out = fopen($dump, 'w');
            if (false === $in || false === $out) {
                throw new Damaged('There is no database in it.');
            }
            $bytes = stream_copy_to_stream($in, $out);
            fclose($out);
            $wanted = $manifest->field('dump');
            if (
                $bytes !== $wanted->field('bytes')->integer(0, \PHP_INT_MAX) ||
                hash_file('sha256', $dump) !== $wanted->field('sha256')->text(64)
            ) {
                throw new Damaged('The database in it is damaged: its checksum is another one.');
            }
            $rows = [];
            foreach ($manifest->field('rows')->fields() as $table => $count) {
                $rows[$table] = $count->integer(0, \PHP_INT_MAX);
            }

            ksort($rows);

            return new self(
                $path,
                new \DateTimeImmutable($manifest->field('made')->text(40)),
                $manifest->field('schema')->text(200),
                $rows,
            );
        } catch (InvalidInput $e) {
            throw new Damaged(sprintf('%s is no backup: %s', $path, $e->getMessage()), 0, $e);
        } finally {
            $zip->close();
        }
    }
}
