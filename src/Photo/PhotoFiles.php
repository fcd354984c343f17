<?php

declare(strict_types=1);

namespace App\Photo;

use App\Keep\Circuit;
use Aws\Exception\AwsException;
use Doctrine\DBAL\Connection;
use League\Flysystem\FilesystemException;
use League\Flysystem\FilesystemOperator;
use League\Flysystem\UnableToReadFile;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;

/**
 * The bytes of photos, under the paths that their rows name, at the place of the setting HULL_PHOTOS. A place that did
 * not answer is left alone for a while, so that pages do not wait for each of its pictures.
 */
final class PhotoFiles
{
    /** How long a place that did not answer is left alone, s. */
    public const AWAY_S = 5;

    private readonly PhotoAddress $address;
    private ?FilesystemOperator $opened = null;

    public function __construct(
        ?string $setting,
        private readonly Connection $db,
        private readonly ClockInterface $clock,
        private readonly Circuit $circuit,
        private readonly LoggerInterface $logger,
    ) {
        $this->address = PhotoAddress::of($setting ?? '');
    }

    /** The same for another place. */
    public function at(string $setting): self
    {
        return new self($setting, $this->db, $this->clock, $this->circuit, $this->logger);
    }

    /** For people: without key and secret. */
    public function place(): string
    {
        return $this->address->name();
    }

    public function areInDatabase(): bool
    {
        return $this->address->isDatabase();
    }

    /** @throws StorageAway */
    public function put(string $path, string $bytes): void
    {
        $this->tried(static fn(FilesystemOperator $files) => $files->write($path, $bytes));
    }

    /**
     * @return string|null null when there is none
     *
     * @throws StorageAway
     */
    public function get(string $path): ?string
    {
        return $this->tried(static function (FilesystemOperator $files) use ($path): ?string {
            try {
                return $files->read($path);
            } catch (UnableToReadFile $e) {
                return self::isMissing($e) ?? !$files->fileExists($path) ? null : throw $e;
            }
        });
    }

    /** Null where it does not say. One that did not answer is not asked again to find that out. */
    private static function isMissing(UnableToReadFile $e): ?bool
    {
        $why = $e->getPrevious();

        return $why instanceof AwsException ? 404 === $why->getStatusCode() : null;
    }

    /** @throws StorageAway */
    public function has(string $path): bool
    {
        return $this->tried(static fn(FilesystemOperator $files): bool => $files->fileExists($path));
    }

    /** @throws StorageAway */
    public function remove(string $path): void
    {
        $this->tried(static fn(FilesystemOperator $files) => $files->delete($path));
    }

    /**
     * @return array<int|string, int> when they were written, s since 1970, by path
     *
     * @throws StorageAway
     */
    public function below(string $folder): array
    {
        return $this->tried(static function (FilesystemOperator $files) use ($folder): array {
            $written = [];
            foreach ($files->listContents($folder, true) as $file) {
                if ($file->isFile()) {
                    $written[$file->path()] = $file->lastModified() ?? \PHP_INT_MAX;
                }
            }

            return $written;
        });
    }

    /**
     * @template T
     *
     * @param \Closure(FilesystemOperator): T $do
     *
     * @return T
     */
    private function tried(\Closure $do): mixed
    {
        $place = $this->place();
        if ($this->circuit->isOpen($place)) {
            throw new StorageAway(sprintf('%s did not answer a moment ago.', $place));
        }
        try {
            return $do($this->opened ??= $this->address->open($this->db, $this->clock));
        } catch (FilesystemException $e) {
            $this->circuit->open($place, self::AWAY_S);
            $this->logger->error('Photos at {place}: {why}', ['place' => $place, 'why' => $e->getMessage()]);
            throw new StorageAway(sprintf('%s does not answer as it should: %s', $place, $e->getMessage()), 0, $e);
        }
    }
}
