<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Kernel;
use Hull\Tests\Sweep;
use Hull\Tests\Yard;
use PHPUnit\Framework\TestCase;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/**
 * What the console says of 500 made-up jobs and of the demo stays what it was: routes, findings, shopping, windows and
 * schedules, each as a digest in golden/digests.txt. Every tenth job in ./test, all with --full.
 *
 * Where something is meant to change: `bin/golden texts var/before` before it and `... var/after` after it show the
 * difference in words; `bin/golden renew` writes the digests anew.
 */
final class GoldenTest extends TestCase
{
    private const JOBS = 500;
    private const NOW = '2026-05-13T10:10:00Z';
    private const DIGESTS = __DIR__ . '/golden/digests.txt';

    private Application $console;
    private string $clock;

    protected function setUp(): void
    {
        // Shopping counts what keeps until when; whatever hour ./test stands at, this one is its own.
        $this->clock = self::clock(self::NOW);
        $kernel = new Kernel('test', false);
        $kernel->boot();
        $this->console = new Application($kernel);
    }

    protected function tearDown(): void
    {
        self::clock($this->clock);
    }

    /** @return string what it stood at */
    private static function clock(string $at): string
    {
        $before = (string) getenv('HULL_CLOCK');
        putenv('HULL_CLOCK=' . $at);
        $_SERVER['HULL_CLOCK'] = $_ENV['HULL_CLOCK'] = $at;

        return $before;
    }

    public function testWhatTheConsoleSaysOfAJobStaysWhatItWas(): void
    {
        $mode = (string) getenv('HULL_GOLDEN');
        $known = '' === $mode ? self::known() : [];
        $digests = $changed = [];
        foreach ($this->jobs('' !== $mode || Sweep::isWhole() ? 1 : 10) as $name => $file) {
            foreach ($this->texts($file) as $what => $text) {
                $key = "$name $what";
                $digests[$key] = substr(hash('sha256', $text), 0, 12);
                if ('' !== $mode && 'renew' !== $mode) {
                    file_put_contents(sprintf('%s/%s.%s.txt', $mode, $name, $what), $text);
                }
                if ('' === $mode && ($known[$key] ?? '') !== $digests[$key]) {
                    $changed[] = $key;
                }
            }
        }
        if ('renew' === $mode) {
            $lines = array_map(
                static fn(int|string $k, string $d): string => "$k $d\n",
                array_keys($digests),
                $digests,
            );
            file_put_contents(self::DIGESTS, implode('', $lines));
        }
        self::assertSame([], $changed, 'see bin/golden');
        self::assertNotSame([], $digests);
    }

    /** @return iterable<string, array<array-key, mixed>> job files by name */
    private function jobs(int $every): iterable
    {
        $paths = glob(dirname(__DIR__, 2) . '/demo/*.json');
        foreach (false === $paths ? [] : $paths as $path) {
            $file = json_decode((string) file_get_contents($path), true);
            yield basename($path, '.json') => is_array($file) ? $file : [];
        }
        $made = new GoldenJob(Yard::catalogue());
        for ($n = 0; $n < self::JOBS; $n += $every) {
            yield sprintf('job-%03d', $n) => $made->file($n);
        }
    }

    /**
     * @param array<array-key, mixed> $file
     *
     * @return array<string, string> what was asked => what was said
     */
    private function texts(array $file): array
    {
        $plan = $this->said('hull:plan', $file, ['--format' => 'json']);
        $worked = self::begun($file, $plan);

        return [
            'plan' => $plan,
            'check' => $this->said('hull:check', $worked),
            'shop' => $this->said('hull:shop', $worked),
            'windows' => $this->said('hull:windows', $worked, ['--at' => self::NOW, '--format' => 'json']),
            'schedule' => $this->said('hull:schedule', $worked, [
                '--at' => self::NOW,
                '--tries' => '3',
                '--format' => 'json',
            ]),
        ];
    }

    /**
     * The same job as planned, one of its parts worked on until the first film lies, an hour a step.
     *
     * @param array<array-key, mixed> $file
     *
     * @return array<array-key, mixed>
     */
    private static function begun(array $file, string $plan): array
    {
        $planned = json_decode(explode("\n", $plan, 2)[1] ?? '', true);
        $routes = [];
        foreach (self::rows(is_array($planned) ? $planned['parts'] ?? null : null) as $part) {
            $routes[self::word($part, 'id')] = self::rows($part['route'] ?? null);
        }
        $begun = false;
        $parts = [];
        foreach (self::rows($file['parts'] ?? null) as $part) {
            $route = $routes[self::word($part, 'id')] ?? null;
            if (!isset($part['route']) && null !== $route) {
                $part = [...$part, ...self::worked($route, !$begun)];
                $begun = $begun || [] !== $part['log'];
            }
            $parts[] = $part;
        }

        return [...$file, 'parts' => $parts];
    }

    /**
     * @param list<array<array-key, mixed>> $route
     *
     * @return array{route: list<array<string, string>>, log: list<array<string, string>>}
     */
    private static function worked(array $route, bool $begin): array
    {
        $keyed = $log = [];
        foreach ($route as $n => $step) {
            $product = is_string($step['product'] ?? null) ? ['product' => $step['product']] : [];
            $keyed[] = ['key' => 'r' . $n, 'step' => self::word($step, 'step'), ...$product];
        }
        $coats = array_keys(array_column($keyed, 'step'), 'apply-coat', true);
        $done = $begin && [] !== $coats ? $coats[0] + 1 : 0;
        for ($n = 0; $n < $done; ++$n) {
            $at = (new \DateTimeImmutable(self::NOW))->modify(sprintf('-%d hours', $done - $n + 3));
            $log[] = ['id' => 'l' . $n, 'kind' => 'finish', 'step' => 'r' . $n, 'at' => $at->format('Y-m-d\TH:i:s\Z')];
        }

        return ['route' => $keyed, 'log' => $log];
    }

    /** @return list<array<array-key, mixed>> */
    private static function rows(mixed $list): array
    {
        return array_values(array_filter(is_array($list) ? $list : [], is_array(...)));
    }

    /** @param array<array-key, mixed> $row */
    private static function word(array $row, string $field): string
    {
        return is_string($row[$field] ?? null) ? $row[$field] : '';
    }

    /**
     * @param array<array-key, mixed> $file
     * @param array<string, string> $options
     */
    private function said(string $command, array $file, array $options = []): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'golden');
        file_put_contents($path, (string) json_encode($file));
        $tester = new CommandTester($this->console->find($command));
        $code = $tester->execute(['file' => $path, ...$options]);
        unlink($path);

        return $code . "\n" . $tester->getDisplay();
    }

    /** @return array<int|string, string> */
    private static function known(): array
    {
        $known = [];
        foreach (explode("\n", trim((string) file_get_contents(self::DIGESTS))) as $line) {
            [$name, $what, $digest] = [...explode(' ', $line), '', '', ''];
            $known["$name $what"] = $digest;
        }

        return $known;
    }
}
