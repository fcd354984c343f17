<?php

declare(strict_types=1);

namespace App\Photo;

/** Brings the files of all photos from one place to the one of the setting; what is there already is left alone. */
final readonly class Transfer
{
    public function __construct(private PhotoFiles $files, private PhotoPaths $paths) {}

    /**
     * @param string $from a place as in HULL_PHOTOS
     * @param bool $clear whether what has arrived, the same to the byte, is removed from there
     *
     * @return array{brought: int, there: int, missing: list<string>} files brought, there before, and at neither place
     *
     * @throws StorageAway when one of the places falls away; what was brought stays, and the rest is brought next time
     */
    public function from(string $from, bool $clear): array
    {
        $old = $this->files->at($from);
        $done = ['brought' => 0, 'there' => 0, 'missing' => []];
        foreach ($this->paths->all() as $path) {
            $is = $this->files->get($path);
            $was = null === $is || $clear ? $old->get($path) : null;
            if (null !== $was && $is !== $was) {
                $this->bring($path, $was);
                ++$done['brought'];
            } elseif (null !== $is) {
                ++$done['there'];
            } else {
                $done['missing'][] = $path;
            }
            if ($clear && null !== $was) {
                $old->remove($path);
            }
        }

        return $done;
    }

    private function bring(string $path, string $bytes): void
    {
        $this->files->put($path, $bytes);
        if ($this->files->get($path) !== $bytes) {
            throw new StorageAway(sprintf('%s gives back other bytes than it was given.', $this->files->place()));
        }
    }

    /** @return list<string> paths of files that should be there and are not */
    public function missing(): array
    {
        return array_values(array_filter($this->paths->all(), fn(string $path): bool => !$this->files->has($path)));
    }
}
