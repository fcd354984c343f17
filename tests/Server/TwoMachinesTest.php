<?php

declare(strict_types=1);

namespace App\Tests\Server;

use App\Tests\App\StandIn;
use App\Tests\App\WorkshopTest;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Component\Process\Process;

/** Two web instances on one database, and a database that another one takes over from. */
final class TwoMachinesTest extends TestCase
{
    /** So long after the standby was promoted everything is written again. */
    private const BACK_S = 10.0;
    private const PORT = '8295';
    private const BALANCER = 'http://127.0.0.1:' . self::PORT;

    private static Cluster $first;
    private static Cluster $second;
    /** @var list<Web> */
    private static array $web = [];
    private static Process $balancer;
    /** Where both keep their photos. */
    private static StandIn $objects;

    public static function setUpBeforeClass(): void
    {
        self::$first = new Cluster('first', 54_500);
        self::$second = new Cluster('second', 54_501);
        self::$first->stands();
        Instance::until(self::$first->answers(...), 60.0);
        self::$second->stands(self::$first);
        Instance::until(self::$second->answers(...), 60.0);
        self::$first->db('together');
        $database = sprintf(
            'postgresql://hull:%s@127.0.0.1:%d/hull?host=127.0.0.1,127.0.0.1&port=%2$d,%d' .
                '&serverVersion=15&charset=utf8',
            self::$first->password(),
            self::$first->port,
            self::$second->port,
        );
        self::$objects = new StandIn('objects');
        $photos =
            str_replace('http://', 's3://cinder-quay:slip-and-winch@', self::$objects->address) . '/photos?plain=1';
        self::$web = [new Web('tried-a', 8290, $database, $photos), new Web('tried-b', 8291, $database, $photos)];
        self::$balancer = self::balancer();
    }

    /** The one of the compose file, with the addresses of the two. */
    private static function balancer(): Process
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'hull-balancer');
        file_put_contents(
            $file,
            strtr((string) file_get_contents(Instance::root() . '/deploy/balancer.conf'), [
                'web-a:8080' => substr(self::$web[0]->address(), 7),
                'web-b:8080' => substr(self::$web[1]->address(), 7),
                'listen 8000' => 'listen 127.0.0.1:' . self::PORT,
            ]),
        );
        $balancer = new Process(['nginx', '-c', $file, '-e', 'stderr'], null, null, null, null);
        $balancer->start();
        Instance::until(static fn(): bool => 200 === (new Visitor(self::BALANCER))->get('/api/session'), 10.0);

        return $balancer;
    }

    public static function tearDownAfterClass(): void
    {
        self::$balancer->stop();
        foreach (self::$web as $web) {
            $web->stop();
        }
        self::$objects->stop();
        self::$first->clear();
        self::$second->clear();
    }

    public function testWhoIsSignedInAtOneIsAtTheOtherAndSeesTheSame(): void
    {
        [$a, $b] = $this->visitors();
        [$part, $token] = $this->part($a);
        self::assertSame(201, $a->write("/api/parts/$part/log", self::line('written at one'), $token));
        self::assertSame(200, $b->get("/api/parts/$part/record"));
        self::assertStringContainsString('written at one', $b->said);
        $photo = ['moment' => 'before', 'caption' => 'seen at both', 'image' => WorkshopTest::PICTURE];
        self::assertSame(201, $b->write("/api/parts/$part/photos", $photo, $token));
        self::assertSame(200, $a->get("/api/parts/$part/photos"));
        $photos = array_reverse($a->node()->field('photos')->items());
        $id = $photos[0]->field('id')->text(60);
        self::assertSame(200, $a->get("/api/photos/$id"));
        $bytes = $a->said;
        self::assertSame(200, $b->get("/api/photos/$id"));
        self::assertSame($bytes, $b->said);
        self::assertStringContainsString("$id.jpg", implode(' ', (array) scandir(self::$objects->state)));
        foreach (['/api/today', '/api/plan', '/api/store', "/api/parts/$part/windows"] as $path) {
            self::assertSame([200, 200], [$a->get($path), $b->get($path)]);
            $now = '/"now":"[^"]+"/';
            self::assertSame(preg_replace($now, '', $a->said), preg_replace($now, '', $b->said), $path);
        }
    }

    public function testTheStandbyTakesOverAndNoAcknowledgedLineIsLost(): void
    {
        [$a, $b] = $this->visitors();
        [$part, $token] = $this->part($a);
        $kept = [];
        $write = static function (Visitor $at) use ($part, $token, &$kept): bool {
            $note = 'line ' . bin2hex(random_bytes(6));
            $isKept = 201 === $at->write("/api/parts/$part/log", self::line($note), $token);
            $kept = $isKept ? [...$kept, $note] : $kept;

            return $isKept;
        };
        for ($n = 0; $n < 20; ++$n) {
            self::assertTrue($write(0 === $n % 2 ? $a : $b));
        }
        $this->everyChildIsConnected();
        self::$first->dies();
        self::assertFalse($write($a), 'nothing is acknowledged that nobody has');
        self::assertSame(503, (new Visitor(self::$web[1]->address()))->get('/api/health'));
        self::$second->db('promote');
        $isBack = Instance::until(self::$second->takesWrites(...), self::BACK_S);
        self::assertLessThan(self::BACK_S, $isBack);
        for ($n = 0; $n < 40; ++$n) {
            self::assertTrue($write(0 === $n % 2 ? $a : $b), "$n: $a->said | $b->said");
        }
        self::assertSame(200, $a->get("/api/parts/$part/record"), 'still signed in');
        foreach ($kept as $note) {
            self::assertSame(1, substr_count($a->said, $note), $note);
        }
        Instance::until(static fn(): bool => 200 === $b->get('/api/health'), 20.0);
        self::assertFalse(self::$first->alive());
    }

    public function testBehindABalancerOneOfThemMayGo(): void
    {
        $visitor = Visitor::signedIn(self::BALANCER);
        [$part, $token] = $this->part($visitor);
        $codes = [];
        for ($n = 0; $n < 30; ++$n) {
            if (10 === $n) {
                self::$web[1]->stop();
            }
            $codes[] = $visitor->write("/api/parts/$part/log", self::line("through the balancer $n"), $token);
            $codes[] = $visitor->get("/api/parts/$part/record");
        }
        $counted = array_count_values($codes);
        ksort($counted);
        self::assertSame([200 => 30, 201 => 30], $counted);
        for ($n = 0; $n < 30; ++$n) {
            self::assertSame(1, substr_count($visitor->said, "\"through the balancer $n\""));
        }
    }

    /** So that after the fall none of them has a new connection by luck. */
    private function everyChildIsConnected(): void
    {
        $http = HttpClient::create();
        $calls = [];
        for ($n = 0; $n < 60; ++$n) {
            $calls[] = $http->request('GET', self::$web[$n % 2]->address() . '/api/health');
        }
        foreach ($calls as $call) {
            self::assertSame(200, $call->getStatusCode());
        }
    }

    /** @return array{Visitor, Visitor} one somebody at both */
    private function visitors(): array
    {
        $a = Visitor::signedIn(self::$web[0]->address());

        return [$a, $a->at(self::$web[1]->address())];
    }

    /** @return array{string, string} id and token */
    private function part(Visitor $visitor): array
    {
        $visitor->get('/api/jobs');
        $part = $visitor->node()->field('jobs')->items()[0]->field('parts')->items()[0]->field('id')->text(60);
        $visitor->get('/api/session');

        return [$part, $visitor->node()->field('token')->text(500)];
    }

    /** @return array<string, string> */
    private static function line(string $note): array
    {
        return ['kind' => 'note', 'note' => $note, 'at' => gmdate('Y-m-d\TH:i:s\Z')];
    }
}
