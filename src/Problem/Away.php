<?php

declare(strict_types=1);

namespace App\Problem;

use Doctrine\DBAL\Exception\ConnectionException;

/** Tells whether something failed since the database is away for the moment: stopped, starting, or cut off. */
final class Away
{
    /** SQLSTATE of lost connections, and of a server that stops or starts. */
    private const STATES = ['08', '57P01', '57P02', '57P03'];
    private const WORDS = ['server closed the connection', 'no connection to the server', 'terminating connection'];

    public static function is(\Throwable $e): bool
    {
        for ($cause = $e; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof ConnectionException) {
                return true;
            }
            if (!($cause instanceof \PDOException)) {
                continue;
            }
            foreach (self::STATES as $state) {
                if (
                    str_starts_with((string) $cause->getCode(), $state) ||
                    str_contains($cause->getMessage(), "[$state")
                ) {
                    return true;
                }
            }
            foreach (self::WORDS as $words) {
                if (str_contains($cause->getMessage(), $words)) {
                    return true;
                }
            }
        }

        return false;
    }
}
