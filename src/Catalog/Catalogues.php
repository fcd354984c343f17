<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Entity\Workshop;
use Hull\Catalog\Catalogue;
use Hull\JobFile\JobReader;
use Psr\Log\LoggerInterface;

/**
 * The catalogue that counts in a workshop: the shipped one, with the workshop's own entries and sheets where it has
 * them.
 *
 * It is asked for by workshop, never found lying about, so that page, console, worker and calendar read the same one.
 */
final class Catalogues
{
    /** @var array<int|string, Catalogue> by what they were read from */
    private array $read = [];

    /** @var array<int|string, string> why it cannot be read, under the same keys */
    private array $faults = [];

    private ?int $newest = null;

    public function __construct(
        private readonly CatalogueLoader $loader,
        private readonly OwnText $own,
        private readonly LoggerInterface $log,
        private readonly string $cache,
    ) {}

    public function for(Workshop $workshop): Catalogue
    {
        if (self::isShipped($workshop)) {
            return $this->shipped();
        }
        $key = $this->key($workshop);

        return $this->read[$key] ??= $this->kept($key, $workshop);
    }

    /**
     * Why the workshop's own entries no longer count, as after an update that asks more of them; null where they do.
     * Until it is mended the shipped catalogue stands in for it.
     */
    public function fault(Workshop $workshop): ?string
    {
        $this->for($workshop);

        return $this->faults[$this->key($workshop)] ?? null;
    }

    /** Another one for every other catalogue. */
    public function key(Workshop $workshop): string
    {
        $this->newest ??= $this->loader->newest();

        return self::isShipped($workshop)
            ? 'shipped-' . $this->newest
            : sha1($workshop->ownCatalogue . json_encode($workshop->sheets) . $this->newest);
    }

    private static function isShipped(Workshop $workshop): bool
    {
        return '' === $workshop->ownCatalogue && [] === $workshop->sheets;
    }

    /** Reads jobs, parts and logs of a workshop by its catalogue. */
    public function reader(Workshop $workshop): JobReader
    {
        return new JobReader($this->for($workshop));
    }

    public function shipped(): Catalogue
    {
        return $this->read['shipped'] ??= $this->loader->load();
    }

    private function kept(string $key, Workshop $workshop): Catalogue
    {
        $packed = new PackedCatalogue(sprintf('%s/own-%s.ser', $this->cache, $key));
        $cached = $packed->read();
        if (null !== $cached) {
            return $cached;
        }
        try {
            $catalogue = $this->own->catalogue($workshop->ownCatalogue, $workshop->sheets);
        } catch (\DomainException $e) {
            $this->log->error('An own catalogue that was good once cannot be read any more: {why}', [
                'why' => $e->getMessage(),
            ]);
            $this->faults[$key] = ($this->own->errors($workshop->ownCatalogue)[0] ?? null)?->text() ?? $e->getMessage();

            return $this->shipped();
        }
        $packed->write($catalogue);

        return $catalogue;
    }
}
