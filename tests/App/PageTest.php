<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Keep\Pulse;
use App\Problem\Away;
use App\Problem\Problem;

/** The page itself and what travels with every answer. */
final class PageTest extends ApiCase
{
    public function testEveryViewIsThePageWithAStrictPolicyAndAFreshNonce(): void
    {
        $nonces = [];
        foreach (['/', '/part/anything/route', '/look', '/no/such/view'] as $path) {
            $this->client->request('GET', $path);
            self::assertResponseIsSuccessful();
            $policy = (string) $this->client->getResponse()->headers->get('Content-Security-Policy');
            self::assertStringNotContainsString("script-src 'self' 'unsafe-inline'", $policy);
            self::assertSame(1, preg_match("/script-src 'self' 'nonce-([0-9a-f]{32})'/", $policy, $match));
            self::assertStringContainsString(
                'nonce="' . $match[1] . '"',
                (string) $this->client->getResponse()->getContent(),
            );
            $nonces[] = $match[1];
        }
        self::assertCount(4, array_unique($nonces));
    }

    public function testAnswersAreNotSniffedFramedOrSentOn(): void
    {
        foreach (['/', '/api/session', '/api/today', '/api/nowhere'] as $path) {
            $this->client->request('GET', $path);
            $headers = $this->client->getResponse()->headers;
            self::assertSame('nosniff', $headers->get('X-Content-Type-Options'), $path);
            self::assertSame('DENY', $headers->get('X-Frame-Options'), $path);
            self::assertNotNull($headers->get('Content-Security-Policy'), $path);
        }
    }

    public function testHealthNamesTheWorkerThatWasNotSeenAndAServiceThatIsDownHarmsNothing(): void
    {
        $health = $this->call('GET', '/api/health');
        self::assertSame(503, $this->code());
        self::assertSame(
            ['database', true, 'worker', false, null],
            [
                self::text($health, 'parts', 0, 'name'),
                self::at($health, 'parts', 0, 'up'),
                self::text($health, 'parts', 1, 'name'),
                self::at($health, 'parts', 1, 'up'),
                self::at($health, 'parts', 1, 'since'),
            ],
        );
        $pulse = self::getContainer()->get(Pulse::class);
        $pulse->beat(Pulse::WORKER);
        $pulse->missed(Pulse::WEATHER);
        $health = $this->call('GET', '/api/health');
        self::assertSame(200, $this->code());
        self::assertSame(
            ['weather', false, true],
            [
                self::text($health, 'parts', 2, 'name'),
                self::at($health, 'parts', 2, 'up'),
                null !== self::at($health, 'parts', 2, 'since'),
            ],
        );
        $this->client->request('GET', '/metrics');
        $metrics = (string) $this->client->getResponse()->getContent();
        self::assertMatchesRegularExpression('/^(#.*|\w+(\{\w+="[\w-]+"\})? -?\d+)$/m', $metrics);
        self::assertStringContainsString("hull_up{part=\"weather\"} 0\n", $metrics);
        $this->client->request('GET', '/metrics', server: ['REMOTE_ADDR' => '192.0.2.7']);
        self::assertResponseStatusCodeSame(404);
    }

    public function testADatabaseThatIsAwayIsSaidAsSuch(): void
    {
        $lost = new \PDOException('SQLSTATE[HY000]: General error: 7 server closed the connection unexpectedly');
        self::assertTrue(Away::is(new \RuntimeException('read', 0, $lost)));
        self::assertTrue(Away::is(new \PDOException('SQLSTATE[08006] [7] connection refused')));
        self::assertFalse(Away::is(new \PDOException('SQLSTATE[23505]: Unique violation')));
        self::assertSame('3', Problem::away()->headers->get('Retry-After'));
    }

    public function testSigningOutEndsIt(): void
    {
        $this->enter('rowan@yard.example');
        self::assertSame('rowan@yard.example', self::text($this->call('GET', '/api/session'), 'account', 'email'));
        $this->call('DELETE', '/api/session');
        self::assertSame(204, $this->code());
        self::assertNull(self::at($this->call('GET', '/api/session'), 'account'));
        $this->call('GET', '/api/today');
        self::assertSame(401, $this->code());
    }

    public function testAWrongPasswordSaysNothingAboutTheAddress(): void
    {
        $this->account('known' . bin2hex(random_bytes(4)) . '@yard.example', 'Yard');
        $this->call('GET', '/api/session');
        $known = $this->call('POST', '/api/sign-in', ['email' => 'known@yard.example', 'password' => 'wrong-password']);
        $unknown = $this->call('POST', '/api/sign-in', [
            'email' => 'unknown' . bin2hex(random_bytes(4)) . '@yard.example',
            'password' => 'wrong-password',
        ]);
        self::assertSame($known, $unknown);
    }

    public function testPasswordsAreStoredHashedOnly(): void
    {
        $this->account('rowan@yard.example', 'Yard');
        $stored = self::getContainer()
            ->get(\Doctrine\ORM\EntityManagerInterface::class)
            ->getConnection()
            ->fetchOne("SELECT password FROM account WHERE email = 'rowan@yard.example'");
        self::assertIsString($stored);
        self::assertStringNotContainsString(self::PASSWORD, $stored);
        self::assertTrue(password_verify(self::PASSWORD, $stored));
        self::assertFalse(password_verify('another-password', $stored));
    }
}
