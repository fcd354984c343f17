<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Entity\Account;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Persistence\WorkshopScope;
use App\Work\DerivedOfParts;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Uuid;

/** What was worked out of a part is made again when something it was worked out from has changed, and only then. */
final class DerivedTest extends ApiCase
{
    private string $job;
    private string $frame;
    private string $plate;

    protected function setUp(): void
    {
        parent::setUp();
        $this->enter('rowan@yard.example');
        [$this->job, $this->frame] = $this->part();
        $this->plate = self::text(
            $this->call('POST', "/api/jobs/{$this->job}/parts", self::survey(['id' => 'plate', 'name' => 'Plate'])),
            'id',
        );
        self::assertSame([$this->frame, $this->plate], $this->madeAnew());
        self::assertSame([], $this->madeAnew(), 'nothing changed');
    }

    public function testALineOfTheRecordIsTheBusinessOfItsPart(): void
    {
        $line = ['kind' => 'note', 'note' => 'rust behind the lug', 'at' => self::ago('0 minutes')];
        $this->call('POST', "/api/parts/{$this->frame}/log", $line);
        self::assertSame([$this->frame], $this->madeAnew());
        self::clock()->modify('+3 hours');
        self::assertSame([], $this->madeAnew(), 'the time of day changes nothing');
    }

    public function testANewVersionOfTheRouteToo(): void
    {
        $this->call('POST', "/api/parts/{$this->plate}/route/plan", (object) []);
        self::assertSame(200, $this->code());
        self::assertSame([$this->plate], $this->madeAnew());
    }

    public function testWhatTheJobIsWorkedInIsEverybodys(): void
    {
        foreach (
            [
                ['PUT', "/api/parts/{$this->frame}/survey", [...self::survey(['name' => 'Frame']), 'version' => 1]],
                ['PUT', "/api/jobs/{$this->job}/without", ['without' => ['oven', 'blast']]],
            ]
            as [$method, $path, $body]
        ) {
            $this->call($method, $path, $body);
            self::assertSame(200, $this->code(), $path);
            self::assertSame([$this->frame, $this->plate], $this->madeAnew(), $path);
            self::assertSame([], $this->madeAnew(), $path);
        }
        $this->change('POST', '/api/store/sheets', [
            'text' => (string) file_get_contents(__DIR__ . '/../../docs/formats/product-sheet.example.yaml'),
        ]);
        self::assertSame([$this->frame, $this->plate], $this->madeAnew(), 'another catalogue');
    }

    public function testWhatCannotBeMadeIsNotAskedForAgain(): void
    {
        $this->call('DELETE', "/api/parts/{$this->plate}");
        self::assertSame([$this->frame], $this->madeAnew(), 'it lay beside the other');
        self::assertSame([], $this->madeAnew(fails: true));
        $this->call('POST', "/api/parts/{$this->plate}/restore");
        self::assertSame([$this->frame, $this->plate], $this->madeAnew(fails: true));
        self::assertSame([], $this->madeAnew());
    }

    public function testWhateverElseItIsMadeFromIsSaid(): void
    {
        self::assertSame([$this->frame, $this->plate], $this->madeAnew(besides: '10:41'));
        self::assertSame([], $this->madeAnew(besides: '10:41'));
        self::assertSame([$this->frame, $this->plate], $this->madeAnew(besides: '10:42'));
        self::assertSame([$this->frame, $this->plate], $this->madeAnew(for: 'us', besides: '10:42'));
        self::assertSame([], $this->madeAnew(besides: '10:42'), 'kept beside each other');
    }

    public function testOfAWholeJobNoRecordIsAsked(): void
    {
        self::assertSame([true, false], [$this->isJobMadeAnew('30'), $this->isJobMadeAnew('30')]);
        $line = ['kind' => 'note', 'note' => 'rust behind the lug', 'at' => self::ago('0 minutes')];
        $this->call('POST', "/api/parts/{$this->frame}/log", $line);
        self::assertFalse($this->isJobMadeAnew('30'));
        self::assertTrue($this->isJobMadeAnew('31'));
        $this->call('POST', "/api/parts/{$this->plate}/route/plan", (object) []);
        self::assertSame([true, false], [$this->isJobMadeAnew('31'), $this->isJobMadeAnew('31')]);
        $survey = [...self::survey(['name' => 'Frame']), 'version' => 1];
        $this->call('PUT', "/api/parts/{$this->frame}/survey", $survey);
        self::assertSame([true, false], [$this->isJobMadeAnew('31'), $this->isJobMadeAnew('31')]);
    }

    /** @phpstan-impure it is kept from then on */
    private function isJobMadeAnew(string $besides): bool
    {
        $made = false;
        $make = static function () use (&$made): \stdClass {
            $made = true;

            return new \stdClass();
        };
        $job = $this->job();
        self::getContainer()->get(DerivedOfParts::class)->ofJob($job, \stdClass::class, $make, $besides);

        return $made;
    }

    /** @return list<string> of which parts something was made */
    private function madeAnew(bool $fails = false, string $for = '', string $besides = ''): array
    {
        $made = [];
        $make = static function (PartRow $row) use (&$made, $fails): ?\stdClass {
            $made[] = (string) $row->id;

            return $fails ? null : new \stdClass();
        };
        $job = $this->job();
        self::getContainer()->get(DerivedOfParts::class)->of($job, \stdClass::class, $make, $for, $besides);

        return $made;
    }

    private function job(): JobRow
    {
        $em = self::getContainer()->get(EntityManagerInterface::class);
        $em->clear();
        $account = $em->getRepository(Account::class)->findOneBy(['email' => 'rowan@yard.example']);
        self::assertInstanceOf(Account::class, $account);
        self::getContainer()->get(WorkshopScope::class)->enter($account->workshop);
        $job = $em->getRepository(JobRow::class)->findOneBy(['id' => Uuid::fromString($this->job)]);
        self::assertInstanceOf(JobRow::class, $job);

        return $job;
    }
}
