<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Photo\PhotoFiles;
use App\Photo\PhotoPaths;
use App\Photo\Transfer;
use App\Photo\Unclaimed;
use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Filesystem\Filesystem;

/** Photos and their files: never one without the other for long, brought from place to place, cleared away after. */
final class PhotosTest extends ApiCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/hull-photos-' . bin2hex(random_bytes(4));
        parent::setUp();
    }

    protected function tearDown(): void
    {
        unset($_SERVER['HULL_PHOTOS'], $_ENV['HULL_PHOTOS']);
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
    }

    public function testWhereThePlaceIsAwayNothingIsKeptAndItIsSaid(): void
    {
        $this->restartedAt('s3://key:secret@127.0.0.1:9/photos?plain=1');
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $said = $this->photo($part);
        self::assertSame(503, $this->code());
        self::assertSame('Photos cannot be reached', self::text($said, 'title'));
        self::assertSame('5', $this->client->getResponse()->headers->get('Retry-After'));
        self::assertSame([], self::list($this->call('GET', "/api/parts/$part/photos"), 'photos'));
        $this->call('GET', "/api/parts/$part/route");
        self::assertSame(200, $this->code(), 'everything else goes on');
    }

    public function testAFileThatIsGoneIsNotThere(): void
    {
        [$url, [$large, $small]] = $this->one();
        self::files()->remove($small);
        $this->client->request('GET', $url . '?small=1');
        self::assertSame(404, $this->code());
        $this->client->request('GET', $url);
        self::assertSame(200, $this->code());
        self::assertSame([$small], $this->transfer()->missing());
        self::assertNotSame('', $large);
    }

    public function testTheyAreBroughtToAnotherPlaceAndOnlyThenRemovedFromTheOld(): void
    {
        [$url, $paths] = $this->one();
        $old = self::files();
        $as = array_map($old->get(...), $paths);
        $this->restartedAt('file://' . $this->folder);
        self::assertSame($paths, $this->transfer()->missing());
        // Cut short when the machine stopped: made whole before the old one goes.
        self::files()->put($paths[0], 'half');
        self::assertSame(
            ['brought' => 1, 'there' => 1, 'missing' => []],
            $this->transfer()->from('database', false),
            'what is there is left alone',
        );
        self::assertSame('half', self::files()->get($paths[0]));
        self::assertSame(['brought' => 1, 'there' => 1, 'missing' => []], $this->transfer()->from('database', true));
        self::assertSame($as, array_map(self::files()->get(...), $paths));
        self::assertSame([false, false], array_map(self::files()->at('')->has(...), $paths));
        self::assertSame(['brought' => 0, 'there' => 2, 'missing' => []], $this->transfer()->from('database', true));
        $this->signIn('rowan@yard.example');
        $this->client->request('GET', $url);
        self::assertSame($as[0], $this->client->getResponse()->getContent());
    }

    public function testTheConsoleSaysWhatIsMissingAndTakesNoPlaceThatIsNone(): void
    {
        [, [$large]] = $this->one();
        self::assertSame([0, "All photos are in the database.\n"], $this->console([]));
        self::files()->remove($large);
        self::assertSame([1, "Missing: $large\n"], $this->console([]));
        [$code, $said] = $this->console(['--from' => 'elsewhere']);
        self::assertSame(2, $code);
        self::assertStringContainsString('file:///FOLDER', $said);
        [$code, $said] = $this->console(['--from' => 'database']);
        self::assertSame(2, $code);
        self::assertStringContainsString('Name another place', $said);
        [$code, $said] = $this->console(['--from' => 's3://key:secret@127.0.0.1:9/photos?plain=1']);
        self::assertSame(1, $code);
        self::assertMatchesRegularExpression('~^http://127.0.0.1:9/photos (does|did) not answer~', $said);
        [$code, $said] = $this->console(['--from' => 'file://' . $this->folder]);
        self::assertSame([1, "0 files brought, 1 were here.\nMissing: $large\n"], [$code, $said]);
    }

    public function testFilesOfPhotosThatWentAreClearedAwayAfterADay(): void
    {
        [$url, $paths] = $this->one();
        $files = self::files();
        $yard = explode('/', $paths[0])[0];
        $elsewhere = '0190a000-0000-7000-8000-000000000001';
        // A write that was not finished, a file of a yard that is in another database.
        $files->put("$yard/half.jpg", 'x');
        $files->put("$elsewhere/a.jpg", 'x');
        self::assertSame(0, $this->clear(), 'of today');
        $this->age('25 hours');
        $files->put("$yard/young.jpg", 'x');
        self::assertSame(1, $this->clear());
        self::assertFalse($files->has("$yard/half.jpg"));
        foreach ([...$paths, "$yard/young.jpg", "$elsewhere/a.jpg"] as $left) {
            self::assertTrue($files->has($left), $left);
        }
        $this->call('DELETE', $url);
        self::assertSame(204, $this->code());
        self::assertSame(2, $this->clear());
        self::assertSame([false, false], array_map($files->has(...), $paths));
    }

    public function testNothingIsClearedAwayWhileABackupReads(): void
    {
        [$url, $paths] = $this->one();
        $this->age('25 hours');
        $this->call('DELETE', $url);
        $to = self::getContainer()->get(Connection::class)->getParams();
        $backup = new \PDO(
            sprintf(
                'pgsql:host=%s;port=%d;dbname=%s',
                $to['host'] ?? '',
                $to['port'] ?? 0,
                self::getContainer()->get(Connection::class)->getDatabase() ?? '',
            ),
            $to['user'] ?? '',
            $to['password'] ?? '',
        );
        $backup->exec('SELECT pg_advisory_lock_shared(' . Unclaimed::LOCK . ')');
        self::assertNull($this->clear());
        self::assertTrue(self::files()->has($paths[0]));
        $backup->exec('SELECT pg_advisory_unlock_shared(' . Unclaimed::LOCK . ')');
        self::assertSame(2, $this->clear());
    }

    /** @return array{string, list<string>} its address, and the paths of its files */
    private function one(): array
    {
        $this->enter('rowan@yard.example');
        [, $part] = $this->part();
        $url = self::text($this->photo($part), 'url');
        self::assertSame(201, $this->code());

        return [$url, self::getContainer()->get(PhotoPaths::class)->all()];
    }

    /** @return array<array-key, mixed> */
    private function photo(string $part): array
    {
        return $this->call('POST', "/api/parts/$part/photos", ['moment' => 'before', 'image' => WorkshopTest::PICTURE]);
    }

    private function age(string $by): void
    {
        self::getContainer()
            ->get(Connection::class)
            ->executeStatement("UPDATE photo_file SET at = at - interval '$by'");
    }

    private function clear(): ?int
    {
        return self::getContainer()->get(Unclaimed::class)->clear();
    }

    private static function files(): PhotoFiles
    {
        return self::getContainer()->get(PhotoFiles::class);
    }

    private function transfer(): Transfer
    {
        return self::getContainer()->get(Transfer::class);
    }

    /**
     * @param array<string, string> $options
     *
     * @return array{int, string} code, what it said
     */
    private function console(array $options): array
    {
        $kernel = self::$kernel ?? self::fail('no kernel');
        $tester = new CommandTester((new Application($kernel))->find('hull:photos'));
        $code = $tester->execute($options);

        return [$code, $tester->getDisplay(true)];
    }

    /** The application as it starts with another place set, on the same database. */
    private function restartedAt(string $place): void
    {
        self::ensureKernelShutdown();
        $_SERVER['HULL_PHOTOS'] = $place;
        $this->client = self::createClient();
        $this->client->disableReboot();
    }
}
