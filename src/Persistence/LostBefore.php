<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Problem\Away;
use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Takes up a persistent connection whose server went away between two requests. PHP 8.2 does not look at the wire
 * before it lends such a connection again; the first words over it fail, and only then is it known to be dead. Nothing
 * of the request has been said by then, so saying it again over a new connection can store nothing twice.
 */
#[AsMiddleware]
final class LostBefore implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class ($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                try {
                    return parent::connect($params);
                } catch (Exception $e) {
                    // 08: nobody takes connections at all, and a second try would only wait once more.
                    $isRefused = str_starts_with((string) $e->getSQLState(), '08');

                    return !$isRefused && Away::is($e) ? parent::connect($params) : throw $e;
                }
            }
        };
    }
}
