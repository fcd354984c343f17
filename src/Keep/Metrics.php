<?php

declare(strict_types=1);

namespace App\Keep;

use App\Api\View\HealthView;
use App\Worker\NightlyBackup;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/** Figures of the instance, a line each: `name{label="..."} number`. Counts of rows are the database's estimates. */
final readonly class Metrics
{
    public function __construct(private Connection $db, private ClockInterface $clock, private string $folder) {}

    public function text(HealthView $health): string
    {
        $lines = ['# TYPE hull_up gauge'];
        foreach ($health->parts as $part) {
            $lines[] = sprintf('hull_up{part="%s"} %d', $part->name, $part->up ? 1 : 0);
        }
        if ([] === array_filter($health->parts, static fn($p): bool => 'database' === $p->name && !$p->up)) {
            $lines = [...$lines, ...$this->stored()];
        }
        $last = NightlyBackup::last($this->folder);
        if (null !== $last) {
            $lines[] = '# TYPE hull_backup_age_seconds gauge';
            $lines[] = sprintf(
                'hull_backup_age_seconds %d',
                $this->clock->now()->getTimestamp() - $last->getTimestamp(),
            );
        }

        return implode("\n", $lines) . "\n";
    }

    /** @return list<string> */
    private function stored(): array
    {
        $lines = ['# TYPE hull_queue_messages gauge'];
        $waiting = $this->db->fetchAllKeyValue(
            'SELECT queue_name, count(*) FROM messenger_messages GROUP BY queue_name',
        );
        foreach (['plans', 'search', 'failed'] as $queue) {
            $lines[] = sprintf('hull_queue_messages{queue="%s"} %d', $queue, self::number($waiting[$queue] ?? 0));
        }
        $lines[] = '# TYPE hull_rows gauge';
        $rows = $this->db->fetchAllKeyValue(
            "SELECT relname, greatest(0, reltuples)::bigint FROM pg_class WHERE relkind = 'r' AND relname IN
            ('workshop', 'account', 'job', 'part', 'work_log', 'photo', 'tin', 'yard_plan') ORDER BY relname",
        );
        foreach ($rows as $table => $count) {
            $lines[] = sprintf('hull_rows{table="%s"} %d', $table, self::number($count));
        }
        $lines[] = '# TYPE hull_database_bytes gauge';
        $lines[] = sprintf(
            'hull_database_bytes %d',
            self::number($this->db->fetchOne('SELECT pg_database_size(current_database())')),
        );

        return $lines;
    }

    private static function number(mixed $of): int
    {
        return is_numeric($of) ? (int) $of : 0;
    }
}
