<?php

declare(strict_types=1);

namespace App\Tests\App;

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

    public function testTheServerIsWell(): void
    {
        $this->client->request('GET', '/api/health');
        self::assertResponseStatusCodeSame(204);
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
