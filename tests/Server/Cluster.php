<?php

declare(strict_types=1);

namespace App\Tests\Server;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** A database that stands by itself, as on a machine of its own; bin/db with data and a port of its own. */
final class Cluster
{
    private const PASSWORDS = [
        'APP_PGPASS' => 'hull-1',
        'HULL_ADMIN_PASS' => 'admin-1',
        'HULL_REPLICA_PASS' => 'replica-1',
    ];

    public readonly string $data;
    private ?Process $server = null;

    public function __construct(string $name, public readonly int $port)
    {
        // postgres itself must be able to reach it.
        $this->data = '/var/tmp/unbowed-hull-tried-' . $name;
        $this->clear();
    }

    public function clear(): void
    {
        $this->ends();
        if (is_dir($this->data)) {
            $this->db('stop');
        }
        $left = glob($this->data . '*');
        (new Filesystem())->remove(false === $left ? [] : $left);
    }

    public function db(string ...$arguments): string
    {
        $process = new Process(
            ['bin/db', ...array_values($arguments)],
            Instance::root(),
            ['APP_PGDATA' => $this->data, 'APP_PGPORT' => (string) $this->port] + Instance::environment(),
            null,
            120.0,
        );
        $process->run();
        if (!$process->isSuccessful() && 'stop' !== $arguments[0]) {
            throw new \RuntimeException('bin/db ' . implode(' ', $arguments) . ': ' . $process->getErrorOutput());
        }

        return $process->getOutput();
    }

    /** On a machine of its own, as the unit file or the compose file starts it; it may follow another. */
    public function stands(?self $follows = null): void
    {
        $place = null === $follows ? [] : ['127.0.0.1', (string) $follows->port];
        $this->server = new Process(
            ['bin/db', 'stand', ...$place],
            Instance::root(),
            ['APP_PGDATA' => $this->data, 'APP_PGPORT' => (string) $this->port, ...self::PASSWORDS] +
                Instance::environment(),
            null,
            null,
        );
        $this->server->start();
    }

    public function ends(): void
    {
        if (true === $this->server?->isRunning()) {
            $this->server->signal(\SIGTERM);
            $this->server->wait();
        }
    }

    /** As the application's own role. */
    public function answers(): bool
    {
        try {
            return 't' ===
                trim($this->db('psql', '-Atc', "SELECT count(*) = 1 FROM pg_roles WHERE rolname = 'hull_replica'"));
        } catch (\RuntimeException) {
            return false;
        }
    }

    /** Nothing is followed any more. */
    public function takesWrites(): bool
    {
        return 'f' === trim($this->db('psql', '-Atc', 'SELECT pg_is_in_recovery()'));
    }

    public function password(): string
    {
        return trim((string) file_get_contents($this->data . '.password'));
    }

    /** Dies with all its processes, as when its machine loses power. */
    public function dies(): void
    {
        $master = (int) strtok((string) file_get_contents($this->data . '/postmaster.pid'), "\n");
        $children = new Process(['pgrep', '-P', (string) $master]);
        $children->run();
        posix_kill($master, \SIGKILL);
        foreach (explode("\n", trim($children->getOutput())) as $child) {
            posix_kill((int) $child, \SIGKILL);
        }
    }

    public function alive(): bool
    {
        $socket = @fsockopen('127.0.0.1', $this->port, $code, $why, 0.2);

        return false !== $socket && fclose($socket);
    }
}
