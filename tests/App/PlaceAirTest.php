<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Entity\Account;
use App\Entity\JobRow;
use App\Persistence\WorkshopScope;
use App\Work\RowMapper;
use App\Work\YardAir;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Uid\Uuid;

/** The air of a place is kept under everything it is worked out from, and under nothing else. */
final class PlaceAirTest extends ApiCase
{
    private string $job;
    private string $part;

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [$this->job, $this->part] = $this->part();
    }

    /** @return iterable<string, array{string, string, array<array-key, mixed>, bool}> */
    public static function writes(): iterable
    {
        $air = "at,temperature,humidity\n{now},6 C,80 %\n";
        $log = '/api/parts/{part}/log';
        yield 'a note' => ['POST', $log, ['kind' => 'note', 'note' => 'rust', 'at' => '{now}'], false];
        yield 'a tin' => [
            'POST',
            '/api/store/tins',
            ['material' => 'acetone', 'batch' => 'A', 'size' => '1 L', 'count' => 1],
            false,
        ];
        yield 'a reading in the record' => [
            'POST',
            $log,
            ['kind' => 'reading', 'temperature' => '9 C', 'humidity' => '70 %', 'at' => '{now}'],
            true,
        ];
        yield 'a reading in the place' => [
            'POST',
            '/api/air/readings',
            ['text' => $air, 'place' => 'Heated bay'],
            true,
        ];
        yield 'a forecast' => ['POST', '/api/air/forecast', ['text' => $air], true];
    }

    /** @param array<array-key, mixed> $body */
    #[DataProvider('writes')]
    public function testItIsWorkedOutAnewAfterWhatItComesFromAndOnlyThen(
        string $method,
        string $path,
        array $body,
        bool $changes,
    ): void {
        $before = $this->madeFrom();
        self::assertSame($before, $this->madeFrom());
        $body = json_decode(str_replace('{now}', self::ago('0 minutes'), (string) json_encode($body)), true);
        $this->call($method, str_replace('{part}', $this->part, $path), $body);
        self::assertLessThan(300, $this->code());
        self::assertSame($changes, $before !== $this->madeFrom());
    }

    public function testAnHourLaterAndAsThePlaceIsSetOtherwiseItIsAnother(): void
    {
        $before = $this->madeFrom();
        self::clock()->modify('+1 hour');
        $later = $this->madeFrom();
        self::assertNotSame($before, $later);
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $em->getConnection()->executeStatement(
            "UPDATE job SET places = jsonb_set(places::jsonb, '{0,temperature}', '4')",
        );
        self::assertNotSame($later, $this->madeFrom());
    }

    private function madeFrom(): string
    {
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $em->clear();
        $account = $em->getRepository(Account::class)->findOneBy(['email' => 'rowan@yard.example']);
        $job = $em->getRepository(JobRow::class)->findOneBy(['id' => Uuid::fromString($this->job)]);
        self::assertInstanceOf(Account::class, $account);
        self::assertInstanceOf(JobRow::class, $job);
        self::getContainer()->get(WorkshopScope::class)->enter($account->workshop);
        $air = self::getContainer()->get(YardAir::class);
        $air->reset();
        $place = array_values(self::getContainer()->get(RowMapper::class)->places($job))[0];

        return $air->madeFrom($account->workshop, $place);
    }
}
