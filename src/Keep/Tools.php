<?php

declare(strict_types=1);

namespace App\Keep;

use Doctrine\DBAL\Connection;
use Symfony\Component\Process\Process;

/** PostgreSQL's own programs, called for the database this application has; the password is in no command line. */
final readonly class Tools
{
    /** A yard of many photos takes its time, s. */
    private const TIMEOUT_S = 3600.0;

    public function __construct(private Connection $db) {}

    /** @param list<string> $arguments */
    public function run(string $program, array $arguments, mixed $input = null): string
    {
        $process = new Process(
            [self::path($program), ...$arguments],
            null,
            $this->environment(),
            $input,
            self::TIMEOUT_S,
        );
        $process->run();
        if (!$process->isSuccessful()) {
            throw new \RuntimeException(sprintf('%s: %s', $program, self::lastLine($process->getErrorOutput())));
        }

        return $process->getOutput();
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        $to = $this->db->getParams();

        return [
            'PGHOST' => $to['host'] ?? '127.0.0.1',
            'PGPORT' => (string) ($to['port'] ?? 5432),
            'PGUSER' => $to['user'] ?? '',
            'PGPASSWORD' => $to['password'] ?? '',
            'PGDATABASE' => (string) $this->db->getDatabase(),
            'PGOPTIONS' => '-c statement_timeout=0',
        ];
    }

    private static function path(string $program): string
    {
        foreach (['/usr/lib/postgresql/15/bin/', '/usr/bin/'] as $folder) {
            if (is_executable($folder . $program)) {
                return $folder . $program;
            }
        }

        return $program;
    }

    private static function lastLine(string $said): string
    {
        $lines = array_filter(explode("\n", trim($said)), static fn(string $l): bool => '' !== trim($l));

        return [] === $lines ? 'it failed without a word' : end($lines);
    }
}
