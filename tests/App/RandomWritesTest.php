<?php

declare(strict_types=1);

namespace App\Tests\App;

use Hull\Tests\Sweep;

/**
 * Whatever is written in whatever order, and however the clock goes on: what is answered again is what would be worked
 * out anew. Thinned; HULL_FULL=1 writes five thousand times, a hundred in each of fifty yards, HULL_SEED in another
 * order.
 */
final class RandomWritesTest extends ApiCase
{
    use KeptReads;

    private const WRITES = 100;
    private const YARDS = 50;
    /** So many of the reads are held against their like after each write; all of them now and then. */
    private const LOOKS = 3;
    private const ALL = 35;

    public function testKeptAnswersNeverLie(): void
    {
        $seed = (int) (false === getenv('HULL_SEED') ? 1 : getenv('HULL_SEED'));
        $taken = [];
        for ($yard = 0; $yard < Sweep::of(1, self::YARDS); ++$yard) {
            $this->enter("rowan-$yard@yard.example");
            $taken += $this->meddledWith($seed + $yard);
            $this->call('DELETE', '/api/session');
        }
        self::assertGreaterThan(12, count($taken), "few kinds were taken:\n" . implode("\n", array_keys($taken)));
    }

    /** @return array<array-key, true> kinds of writes that were taken */
    private function meddledWith(int $seed): array
    {
        [$job, $part] = $this->part();
        $jobs = [$job, self::text($this->call('POST', '/api/jobs', ['name' => 'Second']), 'id')];
        $parts = [$part];
        foreach (['plate', 'rail'] as $slug) {
            $parts[] = self::text($this->call('POST', "/api/jobs/$jobs[1]/parts", self::survey(['id' => $slug])), 'id');
        }
        $slugs = array_combine($parts, Meddler::SLUGS);
        $meddler = new Meddler($seed, $jobs, $parts);
        $faults = $taken = [];
        for ($n = 1; $n <= self::WRITES && [] === $faults; ++$n) {
            $did = match (
                $meddler->one(['line', 'line', 'line', 'survey', 'plain', 'plain', 'plain', 'versioned', 'clock'])
            ) {
                'line' => $this->writesALine($meddler),
                'survey' => $this->surveys($meddler, $slugs),
                'versioned' => $this->did($meddler->versioned(), true),
                'clock' => $this->waits($meddler),
                default => $this->did($meddler->plain(self::ago('0 minutes')), false),
            };
            $taken += null === $did ? [] : [$did => true];
            $reads = self::reads($meddler->job(), $meddler->part());
            $some = 0 === $n % self::ALL ? $reads : $meddler->some($reads, self::LOOKS);
            $faults = array_map(static fn(string $f): string => "$n: $f after $did", $this->faults($some));
        }
        self::assertSame([], $faults, "seed $seed");

        return $taken;
    }

    private function writesALine(Meddler $meddler): ?string
    {
        $part = $meddler->part();
        $record = $this->call('GET', "/api/parts/$part/record");
        $left = [];
        foreach (200 === $this->code() ? self::list($record, 'steps') : [] as $step) {
            $left = [...$left, ...'done' === self::text($step, 'status') ? [] : [self::text($step, 'key')]];
        }
        $line = $meddler->line($left, self::ago('0 minutes'));

        return $this->did(['POST', "/api/parts/$part/log", $line], false);
    }

    /** @param array<int|string, string> $slugs */
    private function surveys(Meddler $meddler, array $slugs): ?string
    {
        $part = $meddler->part();
        $seen = $this->call('GET', "/api/parts/$part/survey");
        $version = 200 === $this->code() ? self::at($seen, 'version') : 1;

        return $this->did(
            ['PUT', "/api/parts/$part/survey", [...$meddler->survey($slugs[$part]), 'version' => $version]],
            false,
        );
    }

    private function waits(Meddler $meddler): string
    {
        self::clock()->modify(sprintf('+%d minutes', $meddler->minutes()));

        return 'the clock';
    }

    /**
     * @param array{string, string, array<array-key, mixed>|null} $write
     *
     * @return string|null what was taken, with ids left out
     */
    private function did(array $write, bool $versioned): ?string
    {
        [$method, $path, $body] = $write;
        $versioned ? $this->change($method, $path, $body ?? []) : $this->call($method, $path, $body);
        self::assertLessThan(500, $this->code(), "$method $path " . json_encode($body));
        $kind = $method . ' ' . preg_replace('/[0-9a-f-]{36}/', '{id}', $path);

        return $this->code() < 300 ? $kind . (isset($body['kind']) ? ' ' . json_encode($body['kind']) : '') : null;
    }
}
