<?php

declare(strict_types=1);

namespace App\Tests\Server;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** A whole instance as ./run starts it, beside any other, with data of its own; and hands that break it. */
final class Instance
{
    public const NAME = 'tried';
    private const PORT = 8280;
    private const STARTS_S = 120.0;

    private static ?Process $run = null;

    public static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return array<string, string|false> what the tests themselves run with is not passed on */
    public static function environment(): array
    {
        return [
            'HULL_INSTANCE' => self::NAME,
            'APP_PORT' => (string) self::PORT,
            // Here it does not matter whom a checkout that others may not read is served by.
            'HULL_ROOT_OK' => '1',
            // As an ordinary user of Debian has it.
            'PATH' => implode(
                ':',
                array_filter(
                    explode(':', (string) getenv('PATH')),
                    static fn(string $folder): bool => !str_ends_with($folder, 'sbin'),
                ),
            ),
            ...array_fill_keys(
                [
                    'APP_ENV',
                    'APP_DEBUG',
                    'APP_SECRET',
                    'DATABASE_URL',
                    'HULL_CLOCK',
                    'APP_PGDATA',
                    'APP_PGPORT',
                    'APP_PGDB',
                    'APP_PGFAST',
                    'APP_PGPASS',
                    'SYMFONY_DOTENV_VARS',
                    'HULL_PHOTOS',
                ],
                false,
            ),
        ];
    }

    /** @param list<string> $arguments */
    public static function script(array $arguments, float $timeout = 120.0): Process
    {
        $process = new Process($arguments, self::root(), self::environment(), null, $timeout);
        $process->run();

        return $process;
    }

    public static function start(): void
    {
        self::clear();
        $photos = ['HULL_PHOTOS' => 'stand-in'];
        self::$run = new Process(['./run'], self::root(), $photos + self::environment(), null, null);
        self::$run->start();
        self::until(
            static fn(): bool => str_contains((string) self::$run?->getOutput(), 'Ctrl-C') ||
                true !== self::$run?->isRunning(),
            self::STARTS_S,
        );
        if (true !== self::$run->isRunning()) {
            throw new \RuntimeException('./run ended: ' . self::$run->getErrorOutput() . self::$run->getOutput());
        }
    }

    /** What an earlier run of the tests left. */
    public static function clear(): void
    {
        $data = is_file(self::file('data')) ? self::data() : self::root() . '/var/pg-' . self::NAME;
        $left = glob($data . '*');
        (new Filesystem())->remove([...false === $left ? [] : $left, self::backups(), self::photos()]);
    }

    public static function data(): string
    {
        return trim((string) file_get_contents(self::file('data')));
    }

    public static function backups(): string
    {
        return self::root() . '/var/backup-' . self::NAME;
    }

    /** What the object store has that ships with it. */
    public static function photos(): string
    {
        return self::root() . '/var/sim/objects-' . self::NAME;
    }

    /** As Ctrl-C does. @return float seconds it took */
    public static function stop(): float
    {
        $begun = microtime(true);
        if (true !== self::$run?->isRunning()) {
            return 0.0;
        }
        self::$run->signal(\SIGINT);
        self::until(static fn(): bool => true !== self::$run?->isRunning(), 40.0);

        return microtime(true) - $begun;
    }

    public static function file(string $name): string
    {
        return self::root() . '/var/run/' . self::NAME . '/' . $name;
    }

    public static function address(): string
    {
        return trim((string) file_get_contents(self::file('address')));
    }

    /** Number of the process of a program, asked of the supervisor at its socket; 0 while it has none. */
    public static function pid(string $program): int
    {
        $call = curl_init('http://supervisor/RPC2');
        curl_setopt_array($call, [
            \CURLOPT_UNIX_SOCKET_PATH => self::root() . '/var/run/' . self::NAME . '/supervisor.sock',
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_POSTFIELDS =>
                '<methodCall><methodName>supervisor.getProcessInfo</methodName><params><param><value><string>' .
                $program .
                '</string></value></param></params></methodCall>',
        ]);
        $said = curl_exec($call);

        return is_string($said) && 1 === preg_match('~<name>pid</name>\s*<value><int>(\d+)~', $said, $found)
            ? (int) $found[1]
            : 0;
    }

    /** Falls dead at once, with no chance to tidy up. */
    public static function kill(string $program): void
    {
        posix_kill(self::pid($program), \SIGKILL);
    }

    /** One of those that answer; the others go on. */
    public static function killPhpProcess(): void
    {
        $newest = self::script(['pgrep', '-n', '-g', (string) self::pid('php'), '-f', 'pool hull'])->getOutput();
        posix_kill((int) trim($newest), \SIGKILL);
    }

    /** @return float seconds until it was so */
    public static function until(\Closure $is, float $seconds): float
    {
        $begun = microtime(true);
        while (true !== $is()) {
            if (microtime(true) - $begun > $seconds) {
                throw new \RuntimeException(sprintf('Not so within %.0f s.', $seconds));
            }
            usleep(50_000);
        }

        return microtime(true) - $begun;
    }
}
