<?php

declare(strict_types=1);

namespace App\Catalog;

use Hull\Catalog\Catalogue;

/** A catalogue that was read once, packed into a file. Unpacking it is most of what the smallest read costs. */
final readonly class PackedCatalogue
{
    public function __construct(private string $file) {}

    /** @param int $since when what it was made from was last changed, seconds since 1970 UTC */
    public function read(int $since = 0): ?Catalogue
    {
        if (!is_file($this->file) || filemtime($this->file) < $since) {
            return null;
        }
        $unpacked = unserialize((string) file_get_contents($this->file));

        return $unpacked instanceof Catalogue ? $unpacked : null;
    }

    /** Whole or not at all; a folder that cannot be written to costs time, not the answer. */
    public function write(Catalogue $catalogue): void
    {
        if (!is_dir(dirname($this->file))) {
            @mkdir(dirname($this->file), 0777, true);
        }
        $passing = $this->file . '.' . getmypid();
        if (false !== @file_put_contents($passing, serialize(Shared::of($catalogue)))) {
            rename($passing, $this->file);
        }
    }
}
