<?php

declare(strict_types=1);

namespace App\Keep;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/** What the parts of an instance say of themselves, and what was found of them; kept where every process reads it. */
final readonly class Pulse
{
    public const WORKER = 'worker';
    public const WEATHER = 'weather';
    public const SENSORS = 'sensors';
    public const PHOTOS = 'photos';

    public function __construct(private Connection $db, private ClockInterface $clock) {}

    /** It is there. */
    public function beat(string $part): void
    {
        $this->db->executeStatement(
            'INSERT INTO instance_part (name, seen_at) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET
            seen_at = EXCLUDED.seen_at, down_since = NULL',
            [$part, $this->now()],
        );
    }

    /** It did not answer; since when is kept from the first time on. */
    public function missed(string $part): void
    {
        $this->db->executeStatement(
            'INSERT INTO instance_part (name, down_since) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET
            down_since = COALESCE(instance_part.down_since, EXCLUDED.down_since)',
            [$part, $this->now()],
        );
    }

    /** There is none of the kind any more. */
    public function forget(string $part): void
    {
        $this->db->executeStatement('DELETE FROM instance_part WHERE name = ?', [$part]);
    }

    /** @return array<int|string, array{seen: \DateTimeImmutable|null, down: \DateTimeImmutable|null}> by name */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->db->fetchAllAssociative('SELECT name, seen_at, down_since FROM instance_part') as $row) {
            if (is_string($row['name'])) {
                $parts[$row['name']] = [
                    'seen' => self::instant($row['seen_at']),
                    'down' => self::instant($row['down_since']),
                ];
            }
        }

        return $parts;
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d\TH:i:s.uP');
    }

    private static function instant(mixed $text): ?\DateTimeImmutable
    {
        return is_string($text) ? new \DateTimeImmutable($text) : null;
    }
}
