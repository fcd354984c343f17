<?php

declare(strict_types=1);

namespace App\Keep;

use Psr\Cache\CacheItemPoolInterface;

/** Remembers of a service that it did not answer, and leaves it alone a while, so that nobody waits for it twice. */
final readonly class Circuit
{
    private const DOWN_S = 20;

    public function __construct(private CacheItemPoolInterface $down) {}

    public function isOpen(string $service): bool
    {
        return $this->down->hasItem(self::key($service));
    }

    /**
     * It did not answer.
     *
     * @param int $for how long it is left alone, s
     */
    public function open(string $service, int $for = self::DOWN_S): void
    {
        $this->down->save($this->down->getItem(self::key($service))->set(true)->expiresAfter($for));
    }

    private static function key(string $service): string
    {
        return 'service.' . hash('xxh128', $service);
    }
}
