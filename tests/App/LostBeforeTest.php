<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Persistence\LostBefore;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\PDO\Exception;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A connection kept from an earlier request may be dead; it is made again where that can do no harm. */
final class LostBeforeTest extends TestCase
{
    /** @return iterable<string, array{string, string, int}> SQLSTATE, what was said, how often it is tried */
    public static function ends(): iterable
    {
        yield 'cut off meanwhile' => ['HY000', 'General error: 7 server closed the connection unexpectedly', 2];
        yield 'stopped meanwhile' => ['57P01', 'terminating connection due to administrator command', 2];
        yield 'nobody answers' => ['08006', '[7] connection refused', 1];
        yield 'wrong word' => ['42601', 'syntax error', 1];
    }

    #[DataProvider('ends')]
    public function testAConnectionThatDiedMeanwhileIsMadeAgainOnce(string $state, string $said, int $tried): void
    {
        $driver = $this->createMock(Driver::class);
        $driver->expects(self::exactly($tried))->method('connect')->willThrowException($this->failure($state, $said));
        $this->expectException(Exception::class);
        (new LostBefore())->wrap($driver)->connect([]);
    }

    public function testTheSecondOneIsLent(): void
    {
        $connection = self::createStub(Connection::class);
        $failure = $this->failure('HY000', 'server closed the connection unexpectedly');
        $driver = self::createStub(Driver::class);
        $driver->method('connect')->willReturnCallback(static function () use (&$failure, $connection): Connection {
            [$now, $failure] = [$failure, null];

            return null === $now ? $connection : throw $now;
        });
        self::assertSame($connection, (new LostBefore())->wrap($driver)->connect([]));
    }

    private function failure(string $state, string $said): Exception
    {
        $cause = new \PDOException("SQLSTATE[$state]: $said");
        $cause->errorInfo = [$state, 7, $said];

        return Exception::new($cause);
    }
}
