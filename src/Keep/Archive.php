<?php

declare(strict_types=1);

namespace App\Keep;

use App\Photo\PhotoPaths;
use Hull\Input\InvalidInput;
use Hull\Input\Node;

/**
 * One file that holds a whole instance: a zip with the dump of the database, the files of the photos (the same wherever
 * they were kept), and a manifest of checksums and of what is in it. See docs/operating.md.
 */
final readonly class Archive
{
    public const FORMAT = 'unbowed-hull-backup';
    /** 1 had the photos in the dump. */
    public const VERSION = 2;
    private const MANIFEST = 'manifest.json';
    private const DUMP = 'database.dump';
    private const PHOTOS = 'photos/';

    /**
     * @param array<int|string, int> $rows by table
     * @param string $schema the last migration it was made with
     * @param list<string> $photos paths of their files
     * @param list<string> $missing paths of files that were not where they should be when it was made
     */
    private function __construct(
        public string $path,
        public \DateTimeImmutable $made,
        public string $schema,
        public array $rows,
        public array $photos,
        public array $missing,
    ) {}

    /**
     * Written beside the place first, so that half an archive never lies there.
     *
     * @param string $dump path of the database dump
     * @param array<int|string, int> $rows by table
     * @param array<int|string, string|null> $photos where their files lie, by path; null for one that is missing
     */
    public static function write(
        string $path,
        string $dump,
        \DateTimeImmutable $made,
        string $schema,
        array $rows,
        array $photos,
    ): self {
        $part = $path . '.part';
        $zip = new \ZipArchive();
        if (true !== $zip->open($part, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw new \RuntimeException(sprintf('%s cannot be written.', $part));
        }
        $there = array_filter($photos, is_string(...));
        $missing = self::paths(array_diff_key($photos, $there));
        // All of it is packed already.
        foreach ([self::DUMP => $dump, ...self::named($there)] as $name => $file) {
            $zip->addFile($file, (string) $name);
            $zip->setCompressionName((string) $name, \ZipArchive::CM_STORE);
        }
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
                    'photos' => (object) array_map(
                        static fn(string $file): string => (string) hash_file('sha256', $file),
                        $there,
                    ),
                    'missing' => $missing,
                ],
                \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_SLASHES,
            ),
        );
        if (!$zip->close() || !chmod($part, 0600) || !rename($part, $path)) {
            @unlink($part);
            throw new \RuntimeException(sprintf('%s could not be written; is the disk full?', $path));
        }

        return new self($path, $made, $schema, $rows, self::paths($there), $missing);
    }

    /**
     * The bytes of its photos, one after the other.
     *
     * @return iterable<string, string> by path
     *
     * @throws Damaged
     */
    public function pictures(): iterable
    {
        $zip = self::opened($this->path);
        foreach ($this->photos as $path) {
            $bytes = $zip->getFromName(self::PHOTOS . $path);
            yield $path => false === $bytes ? throw new Damaged("The photo $path is not in it any more.") : $bytes;
        }
        $zip->close();
    }

    /**
     * Reads one and takes the dump out of it, to a path, once all checksums are right.
     *
     * @throws Damaged
     */
    public static function open(string $path, string $dump): self
    {
        $zip = self::opened($path);
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
            $sums = [];
            foreach ($manifest->optional('photos')?->fields() ?? [] as $photo => $sum) {
                $sums[$photo] = $sum->text(64);
            }
            self::compare($zip, $sums);
            $missing = $manifest->optional('missing')?->items(\PHP_INT_MAX) ?? [];

            return new self(
                $path,
                new \DateTimeImmutable($manifest->field('made')->text(40)),
                $manifest->field('schema')->text(200),
                $rows,
                self::paths($sums),
                array_map(static fn(Node $n): string => $n->text(200), $missing),
            );
        } catch (InvalidInput $e) {
            throw new Damaged(sprintf('%s is no backup: %s', $path, $e->getMessage()), 0, $e);
        } finally {
            $zip->close();
        }
    }

    /**
     * @param array<int|string, mixed> $photos by path
     *
     * @return list<string>
     */
    private static function paths(array $photos): array
    {
        return array_map(strval(...), array_keys($photos));
    }

    private static function opened(string $path): \ZipArchive
    {
        $zip = new \ZipArchive();
        if (!is_file($path) || true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw new Damaged(sprintf('%s is no backup: it cannot be opened as a zip archive.', $path));
        }

        return $zip;
    }

    /** @param array<int|string, string> $sums by path */
    private static function compare(\ZipArchive $zip, array $sums): void
    {
        foreach ($sums as $path => $sum) {
            $bytes = PhotoPaths::isOne((string) $path) ? $zip->getFromName(self::PHOTOS . $path) : false;
            if (false === $bytes || hash('sha256', $bytes) !== $sum) {
                throw new Damaged("The photo $path in it is damaged: its checksum is another one.");
            }
        }
    }

    /**
     * @param array<int|string, string> $photos by path
     *
     * @return array<int|string, string> by name in the archive
     */
    private static function named(array $photos): array
    {
        return array_combine(
            array_map(static fn(int|string $path): string => self::PHOTOS . $path, array_keys($photos)),
            array_values($photos),
        );
    }
}
