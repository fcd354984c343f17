<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\PartRow;
use Psr\Cache\CacheItemPoolInterface;

/**
 * What was worked out of a part, kept under everything it was worked out from: catalogue, places, surveys of the job,
 * route and record of the part, and whatever else is said. After a line of one record the others are found.
 */
final readonly class DerivedOfParts
{
    public function __construct(private CacheItemPoolInterface $derived, private Catalogues $catalogues) {}

    /**
     * @template T of object
     *
     * @param class-string<T> $what
     * @param \Closure(PartRow): ?T $make of nothing but what the key is made from
     * @param string $for of several that are kept beside each other, such as one for each system of units
     * @param string $besides what else it is made from; nothing of it stays when that has changed
     *
     * @return array<int|string, T> by row id; without those of which nothing could be made
     */
    public function of(JobRow $job, string $what, \Closure $make, string $for = '', string $besides = ''): array
    {
        $item = $this->derived->getItem(hash('xxh128', $what . $for) . '.' . $job->id);
        $before = $item->get();
        $before = is_array($before) ? $before : [];
        $shared = $this->shared($job) . $besides;
        $now = [];
        foreach ($job->parts as $row) {
            $id = (string) $row->id;
            $key = self::key($shared, $row);
            $kept = $before[$id] ?? null;
            $isSame = is_array($kept) && $key === ($kept[0] ?? null);
            $now[$id] = $isSame ? $kept : [$key, $make($row)];
        }
        if ($now !== $before) {
            $this->derived->save($item->set($now));
        }
        $made = [];
        foreach ($now as $id => [, $value]) {
            if ($value instanceof $what) {
                $made[$id] = $value;
            }
        }

        return $made;
    }

    /**
     * The same of a whole job and of nothing that any record says.
     *
     * @template T of object
     *
     * @param class-string<T> $what
     * @param \Closure(): T $make
     *
     * @return T
     */
    public function ofJob(JobRow $job, string $what, \Closure $make, string $besides): object
    {
        $key = implode('/', [$this->shared($job), self::routes($job), $besides]);
        $item = $this->derived->getItem(hash('xxh128', $what) . '.' . $job->id);
        $kept = $item->get();
        if (is_array($kept) && $key === ($kept[0] ?? null) && ($kept[1] ?? null) instanceof $what) {
            return $kept[1];
        }
        $made = $make();
        $this->derived->save($item->set([$key, $made]));

        return $made;
    }

    /** Ids of the routes of all its parts, for what of one part hangs on that of another. */
    public static function routes(JobRow $job): string
    {
        $routes = array_map(static fn(PartRow $p): string => (string) $p->latestRoute()?->id, $job->parts->toArray());

        return implode('/', array_values($routes));
    }

    /** What every part of the job is worked out from: one hangs on another, or lies beside it. */
    private function shared(JobRow $job): string
    {
        $surveys = array_map(static fn(PartRow $p): array => $p->survey, array_values($job->parts->toArray()));

        return hash(
            'xxh128',
            json_encode(
                [$this->catalogues->key($job->workshop), $job->places, $job->without, $surveys],
                \JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** Versions of a route and lines of a record are never changed: the last of each tells them all. */
    private static function key(string $shared, PartRow $row): string
    {
        $line = $row->log->last();

        return implode('/', [
            $shared,
            (string) $row->latestRoute()?->id,
            $row->log->count(),
            false === $line ? '' : (string) $line->id,
        ]);
    }
}
