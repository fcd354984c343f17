<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Command\AccountCommand;
use App\Entity\Workshop;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Clock\MockClock;

/** A signed-in client that carries the token, and JSON both ways. */
abstract class ApiCase extends WebTestCase
{
    protected const PASSWORD = 'a-long-password';
    protected KernelBrowser $client;
    private string $token = '';

    protected function setUp(): void
    {
        $this->client = self::createClient();
        $this->client->disableReboot();
    }

    /** @param non-empty-string $email */
    protected function account(string $email, string $workshop): void
    {
        self::getContainer()
            ->get(AccountCommand::class)
            ->make($email, 'Somebody', self::equipped($workshop), self::PASSWORD);
    }

    /** A yard that has everything, so that what is tested is not what it lacks. */
    private static function equipped(string $name): Workshop
    {
        $workshop = new Workshop($name);
        $workshop->without = [];

        return $workshop;
    }

    /** @param non-empty-string $email */
    protected function enter(string $email, string $workshop = 'Yard'): void
    {
        $this->account($email, $workshop);
        $this->signIn($email);
    }

    protected function signIn(string $email): void
    {
        $this->call('GET', '/api/session');
        $this->call('POST', '/api/sign-in', ['email' => $email, 'password' => self::PASSWORD]);
        self::assertResponseStatusCodeSame(204);
        $this->call('GET', '/api/session');
    }

    /** @return array<array-key, mixed> */
    protected function call(string $method, string $path, mixed $body = null, ?string $raw = null): array
    {
        $this->client->request(
            $method,
            $path,
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_X_HULL_TOKEN' => $this->token],
            content: $raw ?? (null === $body ? '' : (string) json_encode($body)),
        );
        $answer = json_decode((string) $this->client->getResponse()->getContent(), true);
        $answer = is_array($answer) ? $answer : [];
        if ('/api/session' === $path && 'GET' === $method) {
            $this->token = self::text($answer, 'token');
        }

        return $answer;
    }

    /**
     * A write to what a workshop keeps about itself, with the version it has now.
     *
     * @param array<array-key, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    protected function change(string $method, string $path, array $body): array
    {
        [$from, $field] = [
            '/api/store/sheets' => ['/api/store', 'sheetsVersion'],
            '/api/store/suppliers' => ['/api/store', 'suppliersVersion'],
        ][$path] ?? [$path, 'version'];

        return $this->call($method, $path, [...$body, 'version' => self::at($this->call('GET', $from), $field)]);
    }

    protected function code(): int
    {
        return $this->client->getResponse()->getStatusCode();
    }

    /** Walks into decoded JSON; fails where the path does not exist. */
    protected static function at(mixed $json, int|string ...$path): mixed
    {
        foreach ($path as $key) {
            self::assertIsArray($json, 'no ' . $key);
            self::assertArrayHasKey($key, $json);
            $json = $json[$key];
        }

        return $json;
    }

    protected static function text(mixed $json, int|string ...$path): string
    {
        $value = self::at($json, ...$path);
        self::assertIsString($value);

        return $value;
    }

    protected static function number(mixed $json, int|string ...$path): float
    {
        $value = self::at($json, ...$path);
        self::assertTrue(is_int($value) || is_float($value));

        return (float) $value;
    }

    /** @return array<array-key, mixed> */
    protected static function list(mixed $json, int|string ...$path): array
    {
        $value = self::at($json, ...$path);
        self::assertIsArray($value);

        return $value;
    }

    /**
     * @param array<int|string, mixed> $change
     *
     * @return array<int|string, mixed>
     */
    public static function survey(array $change = []): array
    {
        return [
            'part' => [
                'id' => 'engine-frame',
                'name' => 'Engine frame',
                'substrate' => 'carbon-steel',
                'service' => 'exterior-splash',
                'finish' => 'tidy',
                'place' => 'bay',
                'conditions' => [
                    ['id' => 'rust', 'grade' => 'scale', 'extent' => '60 %'],
                    ['id' => 'oil', 'grade' => 'heavy'],
                ],
                'shapes' => [['kind' => 'box-section', 'width' => '40 mm', 'height' => '40 mm', 'length' => '7 m']],
                ...$change,
            ],
            'place' => ['id' => 'bay', 'kind' => 'heated-bay', 'temperature' => '18 C', 'humidity' => '55 %'],
        ];
    }

    /**
     * A little rusty, on the slip.
     *
     * @return array<int|string, mixed>
     */
    protected static function outdoors(): array
    {
        return [
            ...self::survey(['conditions' => [['id' => 'rust', 'grade' => 'light', 'extent' => '10 %']]]),
            'place' => [
                'id' => 'bay',
                'name' => 'Slip',
                'kind' => 'outdoors',
                'temperature' => '18 C',
                'humidity' => '55 %',
            ],
        ];
    }

    /**
     * A job with one part.
     *
     * @return array{string, string} their ids
     */
    protected function part(): array
    {
        $job = self::text($this->call('POST', '/api/jobs', ['name' => 'Hovercraft']), 'id');
        $part = self::text($this->call('POST', "/api/jobs/$job/parts", self::survey()), 'id');

        return [$job, $part];
    }

    protected static function ago(string $interval): string
    {
        return self::now()
            ->modify('-' . $interval)
            ->format('Y-m-d\TH:i:s\Z');
    }

    /** The instant at which the clock stands. */
    protected static function now(): \DateTimeImmutable
    {
        return self::clock()->now();
    }

    /** The clock of the application, which a test may put forward. */
    protected static function clock(): MockClock
    {
        $clock = self::getContainer()->get('clock');
        self::assertInstanceOf(MockClock::class, $clock);

        return $clock;
    }
}
