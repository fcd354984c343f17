<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Command\DemoCommand;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** The demo yard is whole, live and loaded once. */
final class DemoTest extends ApiCase
{
    public function testLoadsOnceAndItsWindowIsOpen(): void
    {
        $first = $this->demo('hull:demo');
        $first->assertCommandIsSuccessful();
        self::assertStringContainsString('loaded', $first->getDisplay());
        self::assertSame('', $this->demo('hull:demo')->getDisplay());
        $this->signInWith(DemoCommand::EMAIL, DemoCommand::PASSWORD);
        $today = $this->call('GET', '/api/today');
        self::assertCount(20, self::list($today, 'cards'));
        self::assertSame('Engine frame', self::text($today, 'cards', 0, 'part'));
        self::assertSame('now', self::text($today, 'cards', 0, 'urgency'));
        self::assertStringContainsString('closes in', self::text($today, 'cards', 0, 'message'));
        $part = self::text($today, 'cards', 0, 'partId');
        self::assertSame([], self::list($this->call('GET', "/api/parts/$part/route"), 'findings'));
        self::assertSame([], self::list($this->call('GET', "/api/parts/$part/record"), 'findings'));
        self::assertCount(3, self::list($this->call('GET', "/api/parts/$part/windows"), 'bands'));
        $this->call('DELETE', '/api/session');
        $this->signInWith(DemoCommand::EMPTY_EMAIL, DemoCommand::PASSWORD);
        self::assertSame([], self::list($this->call('GET', '/api/today'), 'cards'));
    }

    public function testAnAccountIsMadeOnlyWithAnAddressNameWorkshopAndLongPassword(): void
    {
        foreach (
            [['nobody', 'Name', 'Yard'], ['a@b.example', ' ', 'Yard'], ['a@b.example', 'Name', '']]
            as [$email, $name, $workshop]
        ) {
            self::assertSame(
                2,
                $this->demo('hull:account', [
                    'email' => $email,
                    'name' => $name,
                    'workshop' => $workshop,
                ])->getStatusCode(),
            );
        }
    }

    /** @param array<int|string, string> $arguments */
    private function demo(string $command, array $arguments = []): CommandTester
    {
        $kernel = self::$kernel ?? self::fail('No kernel.');
        $tester = new CommandTester((new Application($kernel))->find($command));
        $tester->execute($arguments);

        return $tester;
    }

    private function signInWith(string $email, string $password): void
    {
        $this->call('GET', '/api/session');
        $this->call('POST', '/api/sign-in', ['email' => $email, 'password' => $password]);
        self::assertSame(204, $this->code());
        $this->call('GET', '/api/session');
    }
}
