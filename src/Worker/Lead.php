<?php

declare(strict_types=1);

namespace App\Worker;

use Doctrine\DBAL\Connection;

/**
 * Of several workers on one database one does what is done once for all of them: asks the services, backs up, clears
 * away. It is whoever took the lock first; when its connection ends another one gets it.
 */
final readonly class Lead
{
    private const KEY = 1_213_549_644;

    public function __construct(private Connection $db) {}

    /** @phpstan-impure another one may have ended meanwhile */
    public function isMine(): bool
    {
        return true ===
            $this->db->fetchOne(
                'SELECT CASE WHEN EXISTS (SELECT 1 FROM pg_locks WHERE locktype = \'advisory\' AND objid = :key
                AND database = (SELECT oid FROM pg_database WHERE datname = current_database())
                AND pid = pg_backend_pid()) THEN true ELSE pg_try_advisory_lock(:key) END',
                ['key' => self::KEY],
            );
    }
}
