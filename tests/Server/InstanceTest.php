<?php

declare(strict_types=1);

namespace App\Tests\Server;

use App\Tests\App\WorkshopTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;

/** What ./run starts: served as it should be, closed to others, up again when it falls, taken back from its archive. */
final class InstanceTest extends TestCase
{
    /** Everything is back by itself within. */
    private const BACK_S = 10.0;

    public static function setUpBeforeClass(): void
    {
        Instance::start();
    }

    public static function tearDownAfterClass(): void
    {
        Instance::stop();
    }

    public function testPagesAreCompressedAndWhatIsBuiltIsKeptForAYear(): void
    {
        $visitor = new Visitor();
        self::assertSame(200, $visitor->get('/'));
        $page = $visitor->said;
        self::assertSame(1, preg_match('~/build/assets/index-[\w-]+\.js~', $page, $script));
        $asked = Instance::script([
            'curl',
            '-sS',
            '-D-',
            '-o',
            '/dev/null',
            '-H',
            'Accept-Encoding: gzip',
            Instance::address() . $script[0],
        ]);
        $headers = strtolower($asked->getOutput());
        self::assertStringContainsString('content-encoding: gzip', $headers);
        self::assertStringContainsString('cache-control: public, max-age=31536000, immutable', $headers);
        self::assertStringContainsString('etag:', $headers);
        $api = strtolower(Instance::script(['curl', '-sS', '-D-', Instance::address() . '/api/session'])->getOutput());
        self::assertMatchesRegularExpression('/x-request-id: [0-9a-f]{32}/', $api);
        foreach (['/index.php', '/../.env', '/%2e%2e/.env', '/build/../index.php'] as $path) {
            $code = Instance::script([
                'curl',
                '-sS',
                '--path-as-is',
                '-o',
                '/dev/null',
                '-w',
                '%{http_code}',
                Instance::address() . $path,
            ]);
            self::assertContains($code->getOutput(), ['400', '404'], $path);
        }
        $visitor->get('/metrics');
        self::assertStringContainsString("hull_up{part=\"database\"} 1\n", $visitor->said);
    }

    public function testTheDatabaseIsClosedToEverybodyElse(): void
    {
        foreach (['admin', 'password'] as $kept) {
            self::assertSame(0o600, fileperms(Instance::data() . '.' . $kept) & 0o777, $kept);
        }
        self::assertSame(0o600, fileperms(Instance::file('instance.env')) & 0o777);
        $env = (string) file_get_contents(Instance::file('instance.env'));
        self::assertSame(1, preg_match('~postgresql://hull:([^@]+)@127\.0\.0\.1:(\d+)/hull~', $env, $found));
        $login = static fn(string $password): \PDO => new \PDO(
            "pgsql:host=127.0.0.1;port={$found[2]};dbname=hull",
            'hull',
            $password,
        );
        $rights = $login($found[1])->query(
            'SELECT rolsuper, rolcreatedb, rolcreaterole FROM pg_roles WHERE rolname = current_user',
        );
        self::assertNotFalse($rights);
        self::assertSame([[false, false, false]], $rights->fetchAll(\PDO::FETCH_NUM));
        foreach (['hull', '', 'postgres'] as $guess) {
            try {
                $login($guess);
                self::fail("'$guess' opens it");
            } catch (\PDOException $e) {
                self::assertStringContainsString('password', $e->getMessage());
            }
        }
        self::assertSame(0o700, fileperms(Instance::data()) & 0o777);
    }

    public function testPhpDoesNotRunAsRoot(): void
    {
        if (0 === fileowner(Instance::file('serve'))) {
            // A checkout that the user of the web may not read: served as root in this test alone, refused else.
            $refused = Instance::script(['env', '-u', 'HULL_ROOT_OK', './run']);
            self::assertSame(1, $refused->getExitCode());
            self::assertStringContainsString('PHP does not run as root', $refused->getErrorOutput());

            return;
        }
        foreach (['php', 'web', 'worker', 'weather', 'database'] as $program) {
            self::assertNotSame(0, fileowner('/proc/' . Instance::pid($program)), $program);
        }
    }

    public function testASecondOneSaysWhereTheFirstIsAndHarmsNothing(): void
    {
        $second = Instance::script(['./run']);
        self::assertSame(0, $second->getExitCode(), $second->getErrorOutput());
        self::assertStringContainsString('running already, at ' . Instance::address(), $second->getOutput());
        self::assertSame(200, (new Visitor())->get('/api/session'));
    }

    public function testTheConsoleMeansTheSameInstance(): void
    {
        $said = Instance::script(['php', 'bin/console', 'dbal:run-sql', 'SELECT email FROM account ORDER BY email']);
        self::assertStringContainsString('rowan@cinderquay.example', $said->getOutput(), $said->getErrorOutput());
    }

    /** @return iterable<string, array{string}> */
    public static function programs(): iterable
    {
        foreach (['php', 'web', 'worker', 'sensor', 'weather', 'objects', 'database'] as $program) {
            yield $program => [$program];
        }
    }

    #[DataProvider('programs')]
    public function testWhatFallsIsUpAgainAndNothingWrittenIsLost(string $program): void
    {
        $visitor = Visitor::signedIn();
        $part = $this->firstPart($visitor);
        $note = 'before ' . $program . ' fell ' . bin2hex(random_bytes(4));
        $this->log($visitor, $part, $note);
        $before = Instance::pid($program);
        Instance::kill($program);
        $up = 0;
        Instance::until(static function () use ($visitor, $program, $before, &$up): bool {
            $is = !in_array(Instance::pid($program), [0, $before], true) && 200 === $visitor->get('/api/health');

            return ($up = $is ? $up + 1 : 0) >= 3;
        }, self::BACK_S);
        for ($i = 0; $i < 12; ++$i) {
            self::assertSame(200, $visitor->get('/api/crew'), 'still signed in, no error after it is back');
        }
        self::assertSame(200, $visitor->get("/api/parts/$part/record"));
        self::assertStringContainsString($note, $visitor->said);
    }

    public function testWhatAPhpProcessWasKilledOverIsAskedOfAnotherOne(): void
    {
        $visitor = Visitor::signedIn();
        $part = $this->firstPart($visitor);
        $visitor->get('/api/session');
        $token = $visitor->node()->field('token')->text(500);
        $kept = [];
        for ($n = 0; $n < 20; ++$n) {
            Instance::killPhpProcess();
            $kept[] = $note = 'over a killed process ' . bin2hex(random_bytes(6));
            $line = ['kind' => 'note', 'note' => $note, 'at' => gmdate('Y-m-d\TH:i:s\Z')];
            self::assertSame(201, $visitor->write("/api/parts/$part/log", $line, $token), $visitor->said);
            Instance::killPhpProcess();
            self::assertSame(200, $visitor->get('/api/crew'), $visitor->said);
        }
        self::assertSame(200, $visitor->get("/api/parts/$part/record"));
        foreach ($kept as $note) {
            self::assertSame(1, substr_count($visitor->said, '"' . $note . '"'), 'once');
        }
    }

    public function testWhatIsBackedUpIsTakenBackAsItWas(): void
    {
        $visitor = Visitor::signedIn();
        $part = $this->firstPart($visitor);
        self::assertSame(
            201,
            $visitor->post("/api/parts/$part/photos", [
                'moment' => 'before',
                'caption' => 'kept',
                'image' => WorkshopTest::PICTURE,
            ]),
        );
        $as = $this->exported($visitor);
        self::assertNotSame([], $as);
        $archive = Instance::backups() . '/proof.zip';
        $made = Instance::script(['php', 'bin/console', 'hull:backup', $archive]);
        self::assertSame(0, $made->getExitCode(), $made->getOutput() . $made->getErrorOutput());
        self::assertSame(0o600, fileperms($archive) & 0o777);
        // One of the day before was killed, another one is under way.
        [$old, $new] = [dirname($archive) . '/hull-old.zip.photos', dirname($archive) . '/hull-new.zip.photos'];
        array_map(mkdir(...), [$old, $new]);
        touch($old, (int) filemtime($archive) - 100_000);
        self::assertSame(0, Instance::script(['php', 'bin/console', 'hull:backup'])->getExitCode());
        self::assertSame([false, true], array_map(is_dir(...), [$old, $new]));
        $this->log($visitor, $part, 'after it');
        self::assertNotEquals($as, $this->exported($visitor));

        $damaged = dirname($archive) . '/damaged.zip';
        $bytes = (string) file_get_contents($archive);
        file_put_contents($damaged, substr_replace($bytes, 'overwritten', intdiv(strlen($bytes), 2), 11));
        chmod($damaged, 0o644);
        foreach (
            [[$archive, 'already'], ['--replace', $damaged, 'damaged'], ['--replace', __FILE__, 'no backup']]
            as $try
        ) {
            $refused = Instance::script(['php', 'bin/console', 'hull:restore', ...array_slice($try, 0, -1)]);
            self::assertNotSame(0, $refused->getExitCode());
            self::assertStringContainsString($try[count($try) - 1], $refused->getOutput());
        }
        self::assertNotEquals($as, $this->exported($visitor), 'nothing was changed');

        $back = Instance::script(['php', 'bin/console', 'hull:restore', '--replace', $archive]);
        self::assertSame(0, $back->getExitCode(), $back->getOutput() . $back->getErrorOutput());
        $visitor = Visitor::signedIn();
        self::assertEquals($as, $this->exported($visitor));
        $jumped = "SELECT 'jumped' AS it FROM yard_change HAVING max(id) > 1e12";
        $version = ['php', 'bin/console', 'dbal:run-sql', $jumped];
        self::assertStringContainsString('jumped', Instance::script($version)->getOutput(), 'no version comes twice');
        self::assertNotSame([], glob(dirname($archive) . '/*-before-restore.zip'));
        $this->photosComeBackIntoTheDatabaseToo($archive, $as);
    }

    /**
     * What was kept in the object store when the archive was made: the store is lost, the archive put back without it.
     *
     * @param array<int|string, mixed> $as
     */
    private function photosComeBackIntoTheDatabaseToo(string $archive, array $as): void
    {
        $console = static fn(string ...$said): Process => Instance::script(['env', ...array_values($said)]);
        $kept = $console('php', 'bin/console', 'hull:photos');
        self::assertStringContainsString('All photos are in http://127.0.0.1:', $kept->getOutput());
        (new Filesystem())->remove((new Finder())->in(Instance::photos())->files());
        self::assertSame(1, $console('php', 'bin/console', 'hull:photos')->getExitCode());
        $inDatabase = 'HULL_PHOTOS=database';
        $back = $console($inDatabase, 'php', 'bin/console', 'hull:restore', '--replace', $archive);
        self::assertSame(0, $back->getExitCode(), $back->getOutput() . $back->getErrorOutput());
        $there = $console($inDatabase, 'php', 'bin/console', 'hull:photos');
        self::assertStringContainsString('All photos are in the database.', $there->getOutput());
        $moved = $console('php', 'bin/console', 'hull:photos', '--from=database', '--clear');
        self::assertStringContainsString(' files brought, 0 were here.', $moved->getOutput());
        self::assertEquals($as, $this->exported(Visitor::signedIn()));
    }

    public function testItStopsWithoutAnythingLeftBehind(): void
    {
        $pids = array_map(Instance::pid(...), ['php', 'web', 'worker', 'sensor', 'database']);
        self::assertLessThan(20.0, Instance::stop());
        foreach ($pids as $pid) {
            self::assertDirectoryDoesNotExist('/proc/' . $pid);
        }
        self::assertFileDoesNotExist(Instance::data() . '/postmaster.pid');
    }

    private function firstPart(Visitor $visitor): string
    {
        $visitor->get('/api/jobs');

        return $visitor->node()->field('jobs')->items()[0]->field('parts')->items()[0]->field('id')->text(60);
    }

    private function log(Visitor $visitor, string $part, string $note): void
    {
        $line = ['kind' => 'note', 'note' => $note, 'at' => gmdate('Y-m-d\TH:i:s\Z')];
        self::assertSame(201, $visitor->post("/api/parts/$part/log", $line), $visitor->said);
    }

    /** @return array<int|string, mixed> everything that can be read out: jobs, photos, store, plan */
    private function exported(Visitor $visitor): array
    {
        $as = [];
        $visitor->get('/api/jobs');
        foreach ($visitor->node()->field('jobs')->items() as $job) {
            $id = $job->field('id')->text(60);
            self::assertSame(200, $visitor->get("/api/jobs/$id/file"));
            $as[$id] = json_decode($visitor->said, true);
            foreach ($job->field('parts')->items() as $part) {
                $visitor->get('/api/parts/' . $part->field('id')->text(60) . '/photos');
                foreach ($visitor->node()->field('photos')->items() as $photo) {
                    $url = $photo->field('url')->text(200);
                    self::assertSame(200, $visitor->get($url));
                    $as[$url] = hash('sha256', $visitor->said);
                }
            }
        }
        self::assertSame(200, $visitor->get('/api/store'), $visitor->said);
        $as['store'] = array_diff_key($visitor->node()->fields(), ['now' => 0]);
        self::assertSame(200, $visitor->get('/api/plan'));
        $as['plan'] = $visitor->node()->field('work')->value;

        return $as;
    }
}
