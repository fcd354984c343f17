<?php

declare(strict_types=1);

namespace App\Tests\App;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** Unit and compose files call what is here, by names that the others know. */
final class DeployTest extends TestCase
{
    private const ROOT = __DIR__ . '/../../';
    private const PLACE = '/srv/unbowed-hull/';

    public function testTheComposeFileCallsWhatIsHere(): void
    {
        $compose = Yaml::parseFile(self::ROOT . 'deploy/compose.yaml');
        self::assertIsArray($compose);
        self::assertIsArray($compose['services']);
        foreach ($compose['services'] as $name => $service) {
            self::assertIsArray($service);
            $command = implode(' ', array_filter((array) $service['command'], is_string(...)));
            $this->assertCalls($command, (string) $name);
            foreach ((array) ($service['volumes'] ?? []) as $volume) {
                self::assertIsString($volume);
                self::assertArrayHasKey(explode(':', $volume)[0], (array) $compose['volumes']);
            }
            foreach ((array) ($service['depends_on'] ?? []) as $other) {
                self::assertIsString($other);
                self::assertArrayHasKey($other, $compose['services']);
            }
        }
        preg_match_all('/server ([\w-]+):(\d+)/', $this->read('deploy/balancer.conf'), $balanced);
        self::assertSame(['web-a', 'web-b'], $balanced[1]);
        self::assertSame([], array_diff($balanced[1], array_keys($compose['services'])));
        preg_match_all('/\$\{(\w+)\}/', $this->read('deploy/compose.yaml'), $asked);
        foreach (array_unique($asked[1]) as $name) {
            self::assertStringContainsString($name, $this->read('docs/several-machines.md'), $name . ' is explained');
        }
    }

    public function testNoPasswordGoesIntoTheImageOrTheRepository(): void
    {
        $left = explode("\n", $this->read('.dockerignore'));
        self::assertSame([], array_diff(['var', '.git', 'deploy/.env'], $left));
        self::assertContains('/deploy/.env', explode("\n", $this->read('.gitignore')));
    }

    public function testTheUnitsCallWhatIsHere(): void
    {
        foreach (['unbowed-hull', 'unbowed-hull-database'] as $unit) {
            $text = $this->read("deploy/systemd/$unit.service");
            preg_match_all('/^Exec\w+=(.*)$/m', $text, $commands);
            self::assertNotSame([], $commands[1]);
            foreach ($commands[1] as $command) {
                $this->assertCalls($command, $unit);
            }
            self::assertStringContainsString("User=hull\n", $text, 'not root');
        }
    }

    private function assertCalls(string $command, string $of): void
    {
        $words = explode(' ', str_replace(self::PLACE, '', $command));
        if ('nginx' === $words[0]) {
            self::assertFileExists(self::ROOT . $words[2], $of);

            return;
        }
        self::assertTrue(is_executable(self::ROOT . $words[0]), "$of: $words[0]");
        if (1 === preg_match('/^[a-z]+$/', $words[1] ?? '')) {
            self::assertStringContainsString($words[1] . ')', $this->read($words[0]), "$of: $words[0] knows $words[1]");
        }
    }

    private function read(string $file): string
    {
        return (string) file_get_contents(self::ROOT . $file);
    }
}
