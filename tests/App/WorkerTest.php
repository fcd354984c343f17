<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Entity\Account;
use App\Entity\ForecastRow;
use App\Persistence\WorkshopScope;
use App\Work\MakePlan;
use App\Work\YardPlan;
use App\Worker\AirReader;
use App\Worker\Lead;
use Doctrine\DBAL\DriverManager;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Worker;

/** What the worker lives through. */
final class WorkerTest extends ApiCase
{
    use EveryRead;
    use Works;

    public function testAPlanThatFailsIsTriedAgainKeptApartAndStopsNobody(): void
    {
        $this->yard();
        $bad = $this->wanted();
        $good = $this->wanted();
        $db = self::em()->getConnection();
        $db->executeStatement("UPDATE yard_plan SET body = '{\"pins\": {\"x\": \"no hour\"}}' WHERE id = ?", [$bad]);
        self::work(more: 1);
        $status = $db->fetchAllKeyValue('SELECT id, status FROM yard_plan');
        self::assertSame('failed', $status[$bad]);
        self::assertSame('done', $status[$good]);
        self::assertSame([0, 1], [self::waiting('plans'), self::waiting('failed')], 'what failed for good is kept');
    }

    public function testAFlushThatFailedIsNotTheEndOfTheWorker(): void
    {
        $this->yard();
        $first = $this->wanted();
        $second = $this->wanted();
        // The database refuses what the worker made: the flush fails and closes the entity manager.
        $db = self::em()->getConnection();
        $db->executeStatement('ALTER TABLE yard_plan ADD CONSTRAINT not_so CHECK (status <> \'done\' OR done > 10000)');
        self::work(more: 2);
        self::assertSame(['failed', 'failed'], $db->fetchFirstColumn('SELECT status FROM yard_plan'));
        $db->executeStatement('ALTER TABLE yard_plan DROP CONSTRAINT not_so');
        foreach ([$first, $second] as $id) {
            self::getContainer()->get(MessageBusInterface::class)->dispatch(new MakePlan($id));
        }
        self::work();
        self::assertSame(['done', 'done'], $db->fetchFirstColumn('SELECT status FROM yard_plan'));
    }

    public function testOneOfSeveralWorkersDoesWhatIsDoneOnce(): void
    {
        $here = self::em()->getConnection();
        $here->executeStatement('SELECT pg_advisory_unlock_all()');
        [$first, $second] = [
            DriverManager::getConnection($here->getParams()),
            DriverManager::getConnection($here->getParams()),
        ];
        $one = new Lead($first);
        $other = new Lead($second);
        self::assertTrue($one->isMine());
        self::assertTrue($one->isMine(), 'asked again');
        self::assertFalse($other->isMine());
        $first->close();
        for ($n = 0; $n < 100; ++$n) {
            usleep(10_000);
            if ($other->isMine()) {
                $second->close();

                return;
            }
        }
        self::fail('the first one is gone, and the other does not lead');
    }

    public function testAPlanThatHasGoneIsNothingToDo(): void
    {
        self::getContainer()
            ->get(MessageBusInterface::class)
            ->dispatch(new MakePlan('01890000-0000-7000-8000-000000000000'));
        self::assertSame(1, self::work());
        self::assertSame(0, self::waiting('failed'));
    }

    /** No page waits for a service or writes; what is newer the worker fetches, for every workshop. */
    public function testNoPageWrites(): void
    {
        $this->yard();
        $this->call('POST', '/api/plan', (object) []);
        $this->reads(true);
        $before = self::written();
        self::assertSame([], $this->faultsOfEveryRead(true));
        self::assertSame($before, self::written());
        $this->call('POST', '/api/jobs', ['name' => 'Another']);
        self::assertSame(201, $this->code());
        self::assertNotSame($before, self::written(), 'the measure measures');
    }

    public function testNobodyThereToAskIsNoHarm(): void
    {
        $this->yard();
        $reader = self::getContainer()->get(AirReader::class);
        $idle = new WorkerRunningEvent(new Worker([], self::getContainer()->get(MessageBusInterface::class)), true);
        $reader($idle);
        self::assertSame([], self::em()->getRepository(ForecastRow::class)->findAll());
    }

    /** @return array<mixed> rows written in this transaction, by table */
    private static function written(): array
    {
        return self::em()
            ->getConnection()
            ->fetchAllKeyValue(
                'SELECT relname, n_tup_ins + n_tup_upd + n_tup_del FROM pg_stat_xact_user_tables ORDER BY relname',
            );
    }

    private function yard(): void
    {
        $this->enter('rowan@yard.example');
        $this->part();
        $workshop =
            self::em()
                ->getRepository(Account::class)
                ->findOneBy(['email' => 'rowan@yard.example'])->workshop ?? self::fail('nobody');
        self::getContainer()->get(WorkshopScope::class)->enter($workshop);
    }

    /** @return string id of a plan that waits for the worker */
    private function wanted(): string
    {
        $account = self::em()
            ->getRepository(Account::class)
            ->findOneBy(['email' => 'rowan@yard.example']);

        return (string) self::getContainer()
            ->get(YardPlan::class)
            ->plan($account->workshop ?? self::fail('nobody'), 'much to do', later: true)->id;
    }

    private static function em(): EntityManagerInterface
    {
        return self::getContainer()->get(EntityManagerInterface::class);
    }
}
