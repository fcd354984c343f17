<?php

declare(strict_types=1);

namespace App\Tests\Server;

use Symfony\Component\Process\Process;

/** A web instance on a database that stands elsewhere, as one of several machines behind a balancer. */
final class Web
{
    private const STARTS_S = 120.0;

    private readonly Process $run;

    /** @param string $photos where they are kept; the database where it is not said */
    public function __construct(
        private readonly string $name,
        private readonly int $port,
        string $database,
        string $photos = '',
    ) {
        $this->run = new Process(
            ['./run'],
            Instance::root(),
            [
                'HULL_INSTANCE' => $name,
                'APP_PORT' => (string) $port,
                'HULL_DATABASE' => $database,
                'HULL_PHOTOS' => $photos,
            ] + Instance::environment(),
            null,
            null,
        );
        $this->run->start();
        Instance::until(
            fn(): bool => str_contains($this->run->getOutput(), 'Ctrl-C') || $this->run->isTerminated(),
            self::STARTS_S,
        );
        if ($this->run->isTerminated()) {
            throw new \RuntimeException('./run ended: ' . $this->run->getErrorOutput() . $this->run->getOutput());
        }
    }

    public function address(): string
    {
        return trim((string) file_get_contents(Instance::root() . "/var/run/$this->name/address"));
    }

    public function stop(): void
    {
        if ($this->isThere()) {
            $this->run->signal(\SIGINT);
            Instance::until(fn(): bool => !$this->isThere(), 40.0);
        }
    }

    /** @phpstan-impure it may end at any moment */
    private function isThere(): bool
    {
        return $this->run->isRunning();
    }
}
