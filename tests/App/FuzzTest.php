<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Persistence\BelongsToWorkshop;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Tests\Sweep;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Requests made from the API description, with ids and values of the nasty kinds, over two workshops: no answer is a
 * 5xx, no row of the other yard changes, and what was accepted can be opened. Thinned; HULL_FULL=1 sends ten thousand.
 */
final class FuzzTest extends ApiCase
{
    use EveryRead;

    /** Stretches of one process and one transaction: 400 requests each. */
    private const STRETCHES = 1;
    private const FULL = 25;
    /** Rounds of a stretch; of a thinned one. */
    private const ROUNDS = 8;
    private const FEWER = 4;
    /** After so many requests everything is opened, and the other yard looked at; then a yard begins anew. */
    private const ROUND = 50;

    /** A job file to spoil. */
    private mixed $template = null;

    /** @return iterable<string, array{int}> the first round of each stretch */
    public static function stretches(): iterable
    {
        for ($n = 0; $n < Sweep::of(self::STRETCHES, self::FULL); ++$n) {
            yield sprintf('from round %d on', $n * self::ROUNDS) => [$n * self::ROUNDS];
        }
    }

    #[DataProvider('stretches')]
    public function testNothingSentTakesAYardDown(int $first): void
    {
        $this->enter('owner@other.example', 'Other');
        [$job, $part] = $this->part();
        $this->call('POST', '/api/store/tins', [
            'material' => 'acetone',
            'batch' => 'A',
            'size' => '1 L',
            'count' => 1,
        ]);
        $this->call('POST', '/api/plan', (object) []);
        $foreign = [
            'job' => $job,
            'part' => $part,
            'tin' => self::text($this->call('GET', '/api/store'), 'materials', 0, 'tins', 0, 'id'),
        ];
        $rows = $this->rowsOf('Other');
        $description = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/docs/formats/openapi.json'),
            true,
        );
        self::assertIsArray($description);
        $writes = self::writes($description);
        $this->template = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/docs/formats/job.example.json'),
            true,
        );
        $faults = [];
        $seed = (int) (false === getenv('HULL_SEED') ? 1 : getenv('HULL_SEED'));
        for ($round = $first; $round < $first + (Sweep::isWhole() ? self::ROUNDS : self::FEWER); ++$round) {
            $this->call('DELETE', '/api/session');
            $email = "yard$round@yard.example";
            $this->enter($email, "Yard $round");
            $faults = [
                ...$faults,
                ...$this->round(new Nasty($seed * 1000 + $round, $description), $writes, $foreign, $email),
            ];
            self::assertSame($rows, $this->rowsOf('Other'), 'the other yard');
        }
        self::assertSame([], $faults);
    }

    /**
     * @param list<array{string, string, mixed}> $writes
     * @param array<string, string> $foreign
     *
     * @return list<string>
     */
    private function round(Nasty $nasty, array $writes, array $foreign, string $email): array
    {
        [$job, $part] = $this->part();
        $ids = ['job' => [$job], 'part' => [$part], 'tin' => []];
        $faults = [];
        $sent = [];
        for ($n = 0; $n < self::ROUND; ++$n) {
            [$method, $path, $schema] = $writes[$nasty->random->getInt(0, count($writes) - 1)];
            $url = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                static function (array $m) use ($nasty, &$ids, $foreign): string {
                    $known = $ids[$m[1]] ?? [];
                    $kind = $nasty->random->getInt(1, 10);

                    return rawurlencode(
                        match (true) {
                            1 === $kind && isset($foreign[$m[1]]) => $foreign[$m[1]],
                            2 === $kind || [] === $known => Nasty::IDS[
                                $nasty->random->getInt(0, count(Nasty::IDS) - 1)
                            ],
                            default => $known[$nasty->random->getInt(0, count($known) - 1)],
                        },
                    );
                },
                $path,
            );
            $this->learn($nasty, $method, $path, $url);
            $body = match (true) {
                null === $schema => null,
                '/api/jobs/import' === $path => $nasty->spoilt($this->template),
                default => $nasty->body($schema),
            };
            $raw = 1 === $nasty->random->getInt(1, 60) ? '{"a": [1, 2' : null;
            $answer = $this->call($method, $url, $body, $raw);
            $what = sprintf(
                '%s %s %s',
                $method,
                $url,
                substr((string) json_encode($body, \JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 900),
            );
            if ($this->code() >= 500) {
                $faults[] = sprintf('%d for %s', $this->code(), $what);
            }
            if ($this->code() < 300) {
                $sent[] = $what;
                $this->keepTrack($answer, $path, $ids);
                $faults = [
                    ...$faults,
                    ...array_map(static fn(string $f): string => $f . ' after ' . $what, $this->aFewReads($ids)),
                ];
            }
            if (401 === $this->code()) {
                $this->call('GET', '/api/session');
                $this->signIn($email);
            }
        }
        $faults =
            [] === $faults
                ? array_map(
                    static fn(string $f): string => $f . " after\n" . implode("\n", $sent),
                    $this->faultsOfEveryRead(),
                )
                : $faults;

        return $faults;
    }

    /** What is changed goes with the number it had, mostly. */
    private function learn(Nasty $nasty, string $method, string $path, string $url): void
    {
        if ('PUT' !== $method || !in_array($path, ['/api/parts/{part}/survey', '/api/parts/{part}/route'], true)) {
            return;
        }
        $now = $this->call('GET', $url);
        foreach (['version', 'number'] as $field) {
            if (isset($now[$field])) {
                $nasty->expect($field, $now[$field]);
            }
        }
    }

    /**
     * @param array<array-key, mixed> $answer
     * @param array<int|string, list<string>> $ids
     */
    private function keepTrack(array $answer, string $path, array &$ids): void
    {
        if (in_array($path, ['/api/jobs', '/api/jobs/import'], true) && isset($answer['id'])) {
            $ids['job'][] = self::text($answer, 'id');
        } elseif (str_ends_with($path, '/parts') && isset($answer['id'])) {
            $ids['part'][] = self::text($answer, 'id');
        } elseif (str_contains($path, '/tins')) {
            $materials = $this->call('GET', '/api/store')['materials'] ?? [];
            foreach (is_array($materials) ? $materials : [] as $material) {
                foreach (self::list($material, 'tins') as $tin) {
                    $ids['tin'][] = self::text($tin, 'id');
                }
            }
        }
    }

    /**
     * @param array<int|string, list<string>> $ids
     *
     * @return list<string>
     */
    private function aFewReads(array $ids): array
    {
        $faults = [];
        $paths = ['/api/today', '/api/store', '/api/plan', '/api/jobs', '/api/calendar/file'];
        foreach (array_slice($ids['part'], -2) as $part) {
            $paths = [
                ...$paths,
                ...array_map(static fn(string $v): string => "/api/parts/$part/$v", [
                    'survey',
                    'route',
                    'record',
                    'windows',
                    'mix',
                ]),
            ];
        }
        foreach (array_slice($ids['job'], -1) as $job) {
            $paths = [
                ...$paths,
                ...array_map(static fn(string $v): string => "/api/jobs/$job/$v", [
                    'board',
                    'quantities',
                    'cards',
                    'file',
                ]),
            ];
        }
        foreach ($paths as $path) {
            $this->call('GET', $path);
            if ($this->code() >= 400 && 404 !== $this->code()) {
                $faults[] =
                    $path .
                    ': ' .
                    $this->code() .
                    ' ' .
                    substr((string) $this->client->getResponse()->getContent(), 0, 300);
            }
        }

        return $faults;
    }

    /**
     * @param array<array-key, mixed> $description
     *
     * @return list<array{string, string, mixed}> method, path, schema of its body
     */
    private static function writes(array $description): array
    {
        $writes = [];
        foreach (self::list($description, 'paths') as $path => $operations) {
            foreach (is_array($operations) ? $operations : [] as $method => $operation) {
                // Signing in and out and what a formula answers have tests of their own.
                if (
                    'get' === $method ||
                    in_array($path, ['/api/sign-in', '/api/session', '/api/compute/{name}'], true)
                ) {
                    continue;
                }
                $body = is_array($operation) ? $operation['requestBody'] ?? null : null;
                $schema = null === $body ? null : self::at($body, 'content', 'application/json', 'schema');
                $entry = [strtoupper((string) $method), (string) $path, $schema];
                // What is removed can no longer be broken: less often.
                $writes = 'delete' === $method ? [...$writes, $entry] : [...$writes, $entry, $entry, $entry];
            }
        }

        return $writes;
    }

    /** @return array<int|string, string> a sum over the rows of a workshop, by table */
    private function rowsOf(string $workshop): array
    {
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $db = self::getContainer()->get(Connection::class);
        $sums = [];
        foreach ($em->getMetadataFactory()->getAllMetadata() as $meta) {
            if (is_a($meta->getName(), BelongsToWorkshop::class, true)) {
                $sum = $db->fetchOne(
                    sprintf(
                        'SELECT md5(coalesce(string_agg(t::text, \'|\' ORDER BY t::text), \'\')) FROM %s t ' .
                            'WHERE t.workshop_id = (SELECT id FROM workshop WHERE name = ?)',
                        $meta->getTableName(),
                    ),
                    [$workshop],
                );
                $sums[$meta->getTableName()] = is_string($sum) ? $sum : '';
            }
        }
        ksort($sums);

        return $sums;
    }
}
