<?php

declare(strict_types=1);

namespace Hull\Tests;

use Hull\Quantity\Message;
use PHPUnit\Framework\Assert;

/**
 * What came out once, kept beside the test. Whoever changes it on purpose makes the file anew (HULL_RENEW=1), reads
 * what became different, and says why.
 */
final class Kept
{
    /** @param array<array-key, mixed>|string $now */
    public static function same(string $file, string $name, array|string $now, string $says): void
    {
        $kept = json_decode((string) @file_get_contents($file), true) ?? [];
        Assert::assertIsArray($kept);
        $now = json_decode(json_encode($now, \JSON_THROW_ON_ERROR), true);
        if ('1' === getenv('HULL_RENEW')) {
            $kept[$name] = $now;
            ksort($kept);
            file_put_contents($file, json_encode($kept, \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR) . "\n");
        }
        Assert::assertSame($kept[$name] ?? null, $now, "$says: if on purpose, HULL_RENEW=1");
    }

    /** Everything a value says, with numbers to nine places, as one short word. */
    public static function digest(mixed $what): string
    {
        /** @var \SplObjectStorage<object, string> $seen */
        $seen = new \SplObjectStorage();

        return substr(hash('sha256', json_encode(self::plain($what, $seen), \JSON_THROW_ON_ERROR)), 0, 12);
    }

    /** @param \SplObjectStorage<object, string> $seen what an object said where it was met before */
    private static function plain(mixed $what, \SplObjectStorage $seen): mixed
    {
        if ($what instanceof Message) {
            return (string) $what;
        }
        if (is_object($what) && !($what instanceof \UnitEnum) && !($what instanceof \Closure)) {
            if (!isset($seen[$what])) {
                $seen[$what] = 'itself';
                $seen[$what] = hash('xxh64', json_encode(self::plain((array) $what, $seen), \JSON_THROW_ON_ERROR));
            }

            return $seen[$what];
        }

        return match (true) {
            is_float($what) && !is_finite($what) => (string) $what,
            is_float($what) => sprintf('%.9g', $what),
            $what instanceof \UnitEnum => $what->name,
            $what instanceof \Closure => 'closure',
            is_array($what) => array_map(static fn(mixed $w): mixed => self::plain($w, $seen), $what),
            default => $what,
        };
    }
}
