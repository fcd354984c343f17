<?php

declare(strict_types=1);

namespace App\Catalog;

use Hull\Catalog\Catalogue;
use Hull\Catalog\CatalogueReader;
use Symfony\Component\Yaml\Yaml;

/** Loads the YAML knowledge once and keeps it serialised in the cache. */
final readonly class CatalogueLoader
{
    public function __construct(private string $directory, private string $cacheFile, private bool $debug) {}

    public function load(): Catalogue
    {
        $packed = new PackedCatalogue($this->cacheFile);
        $catalogue = $this->debug ? null : $packed->read($this->newest());
        if (null === $catalogue) {
            $catalogue = CatalogueReader::read($this->data());
            $packed->write($catalogue);
        }

        return $catalogue;
    }

    /** @return array<int|string, list<mixed>> kind => entries of every file */
    public function data(): array
    {
        $data = [];
        foreach ($this->files() as $file) {
            $parsed = Yaml::parseFile($file);
            foreach (is_array($parsed) ? $parsed : [] as $kind => $entries) {
                $data[(string) $kind] = [
                    ...$data[(string) $kind] ?? [],
                    ...array_values(is_array($entries) ? $entries : []),
                ];
            }
        }

        return $data;
    }

    /** @return list<string> */
    public function files(): array
    {
        $files = glob($this->directory . '/*/*.yaml');

        return false === $files ? [] : $files;
    }

    /** When a catalogue file was last changed. */
    public function newest(): int
    {
        return max([0, ...array_map(static fn(string $f): int => (int) filemtime($f), $this->files())]);
    }
}
