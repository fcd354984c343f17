<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Command\DemoCommand;
use PHPUnit\Framework\TestCase;

/** The served application over plain HTTP: many at once, lines that are cut, sessions that last. */
final class ServedTest extends TestCase
{
    /** @var non-empty-string */
    private string $jar = 'jar';
    private string $token = '';
    private string $email = '';

    protected function setUp(): void
    {
        $jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        self::assertNotSame('', $jar);
        $this->jar = $jar;
        $this->email = EmptyYard::make();
        $this->signIn($this->email);
    }

    protected function tearDown(): void
    {
        unlink($this->jar);
    }

    public function testTheSameFinishFiveTimesTwiceAtOnceAndOnceWithTheLineCut(): void
    {
        [$part, $coat] = $this->partWithACoat();
        $this->ask('POST', '/api/store/tins', [
            'material' => 'epoxy-primer-2k',
            'batch' => 'served',
            'size' => '5 L',
            'count' => 1,
        ]);
        $body = ['kind' => 'finish', 'step' => $coat, 'at' => (string) getenv('HULL_CLOCK'), 'used' => '0.4 L'];
        $key = 'served-' . bin2hex(random_bytes(8));
        $this->cut("/api/parts/$part/log", $body, $key);
        $handles = array_map(
            fn(): \CurlHandle => $this->handle('POST', "/api/parts/$part/log", $body, $key),
            range(1, 2),
        );
        $many = curl_multi_init();
        array_map(static fn(\CurlHandle $h): int => curl_multi_add_handle($many, $h), $handles);
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.1);
        } while ($running > 0);
        $answers = array_map(static fn(\CurlHandle $h): string => (string) curl_multi_getcontent($h), $handles);
        $codes = array_map(static fn(\CurlHandle $h): mixed => curl_getinfo($h, \CURLINFO_RESPONSE_CODE), $handles);
        $answers[] = (string) json_encode(
            $this->ask('POST', "/api/parts/$part/log", $body, $key)[1],
            \JSON_UNESCAPED_SLASHES,
        );
        $answers[] = (string) json_encode(
            $this->ask('POST', "/api/parts/$part/log", $body, $key)[1],
            \JSON_UNESCAPED_SLASHES,
        );
        self::assertSame([201, 201], $codes, implode("\n", $answers));
        self::assertCount(
            1,
            array_unique(
                array_map(static fn(string $a): string => self::text(json_decode($a, true), 'entryId'), $answers),
            ),
            implode("\n", $answers),
        );
        $record = $this->ask('GET', "/api/parts/$part/record")[1];
        self::assertCount(1, is_array($record['entries'] ?? null) ? $record['entries'] : []);
        $drawn = 0;
        foreach (self::items($this->ask('GET', '/api/store')[1], 'materials') as $material) {
            foreach (self::items($material, 'tins') as $tin) {
                if ('served' === ($tin['batch'] ?? '')) {
                    $drawn += count(
                        array_filter(
                            self::items($tin, 'movements'),
                            static fn(array $m): bool => 'used' === ($m['kind'] ?? ''),
                        ),
                    );
                }
            }
        }
        self::assertSame(1, $drawn);
    }

    public function testTwoHandsFinishingOneStepAtOnceAreOneLineAndOneRefusal(): void
    {
        [$part, $coat] = $this->partWithACoat();
        $handles = array_map(
            fn(int $n): \CurlHandle => $this->handle(
                'POST',
                "/api/parts/$part/log",
                ['kind' => 'finish', 'step' => $coat, 'at' => (string) getenv('HULL_CLOCK'), 'note' => 'hand ' . $n],
                null,
            ),
            range(1, 4),
        );
        $many = curl_multi_init();
        array_map(static fn(\CurlHandle $h): int => curl_multi_add_handle($many, $h), $handles);
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.1);
        } while ($running > 0);
        $codes = array_map(static fn(\CurlHandle $h): int => curl_getinfo($h, \CURLINFO_RESPONSE_CODE), $handles);
        sort($codes);
        self::assertSame([201, 409, 409, 409], $codes);
    }

    public function testWhoIsSignedInStaysForDaysAndTheAddressMayBeInCapitals(): void
    {
        $this->signIn(strtoupper($this->email));
        [$code, , $headers] = $this->ask('GET', '/api/jobs');
        self::assertSame(200, $code);
        self::assertMatchesRegularExpression(
            '/^[^#].*\thull\t/m',
            str_replace('#HttpOnly_', '', (string) file_get_contents($this->jar)),
        );
        preg_match('/\t(\d+)\thull\t/', (string) file_get_contents($this->jar), $m);
        // By the server's own clock, which is the real one.
        self::assertSame(1, preg_match('/^Date: (.*)$/mi', $headers, $said));
        self::assertGreaterThan((int) strtotime(trim($said[1])) + 13 * 86400, (int) ($m[1] ?? 0), $headers);
    }

    public function testAnUnknownAddressTakesAsLongAsAWrongPassword(): void
    {
        $times = ['known' => [], 'unknown' => []];
        foreach ([1, 2, 3] as $n) {
            foreach (['known' => $this->email, 'unknown' => "nobody$n@nowhere.example"] as $kind => $address) {
                $began = hrtime(true);
                self::assertSame(
                    401,
                    $this->ask('POST', '/api/sign-in', ['email' => $address, 'password' => 'not this one'])[0],
                );
                $times[$kind][] = (hrtime(true) - $began) / 1e6;
            }
        }
        self::assertGreaterThan(
            0.4,
            min($times['unknown']) / min($times['known']),
            'a hash is worked out for nobody, too',
        );
    }

    /** @return array{string, string} a part, and the key of its first coat */
    private function partWithACoat(): array
    {
        $job = self::text($this->ask('POST', '/api/jobs', ['name' => 'Served ' . bin2hex(random_bytes(3))])[1], 'id');
        $part = self::text(
            $this->ask('POST', "/api/jobs/$job/parts", [
                'part' => [
                    'id' => 'frame',
                    'name' => 'Frame',
                    'substrate' => 'carbon-steel',
                    'service' => 'exterior-splash',
                    'finish' => 'tidy',
                    'place' => 'bay',
                    'shapes' => [['kind' => 'strip', 'length' => '1 m', 'width' => '1 m']],
                ],
                'place' => ['id' => 'bay', 'kind' => 'heated-bay', 'temperature' => '18 C', 'humidity' => '55 %'],
            ])[1],
            'id',
        );
        foreach (self::items($this->ask('GET', "/api/parts/$part/route")[1], 'steps') as $step) {
            if ('apply-coat' === ($step['step'] ?? '')) {
                return [$part, self::text($step, 'key')];
            }
        }
        self::fail('no coat');
    }

    private function signIn(string $email): void
    {
        $this->token = self::text($this->ask('GET', '/api/session')[1], 'token');
        self::assertSame(
            204,
            $this->ask('POST', '/api/sign-in', ['email' => $email, 'password' => DemoCommand::PASSWORD])[0],
        );
        $this->token = self::text($this->ask('GET', '/api/session')[1], 'token');
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array{int, array<array-key, mixed>, string} status, decoded answer, headers
     */
    private function ask(string $method, string $path, ?array $body = null, ?string $key = null): array
    {
        $handle = $this->handle($method, $path, $body, $key);
        $headers = '';
        curl_setopt($handle, \CURLOPT_HEADERFUNCTION, static function (\CurlHandle $h, string $line) use (
            &$headers,
        ): int {
            $headers .= $line;

            return strlen($line);
        });
        $answer = json_decode((string) curl_exec($handle), true);
        $code = curl_getinfo($handle, \CURLINFO_RESPONSE_CODE);
        unset($handle);

        return [$code, is_array($answer) ? $answer : [], $headers];
    }

    /** @param array<string, mixed>|null $body */
    private function handle(string $method, string $path, ?array $body, ?string $key): \CurlHandle
    {
        $handle = curl_init(getenv('HULL_ADDRESS') . $path);
        self::assertInstanceOf(\CurlHandle::class, $handle);
        curl_setopt_array($handle, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_CUSTOMREQUEST => '' === $method ? 'GET' : $method,
            \CURLOPT_COOKIEJAR => $this->jar,
            \CURLOPT_COOKIEFILE => $this->jar,
            \CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                'X-Hull-Token: ' . $this->token,
                ...null === $key ? [] : ['Idempotency-Key: ' . $key],
            ],
        ]);
        if (null !== $body) {
            curl_setopt($handle, \CURLOPT_POSTFIELDS, (string) json_encode($body));
        }

        return $handle;
    }

    /**
     * Sends, and hangs up before an answer can come.
     *
     * @param array<string, mixed> $body
     */
    private function cut(string $path, array $body, string $key): void
    {
        $text = (string) json_encode($body);
        preg_match('/\thull\t(\S+)/', (string) file_get_contents($this->jar), $m);
        $address = (string) getenv('HULL_ADDRESS');
        $line = fsockopen((string) parse_url($address, \PHP_URL_HOST), (int) parse_url($address, \PHP_URL_PORT));
        self::assertIsResource($line);
        fwrite(
            $line,
            "POST $path HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/json\r\nContent-Length: " .
                strlen($text) .
                "\r\nX-Hull-Token: $this->token\r\nIdempotency-Key: $key\r\nCookie: hull=" .
                ($m[1] ?? '') .
                "\r\nConnection: close\r\n\r\n" .
                $text,
        );
        fclose($line);
    }

    /** @return list<array<array-key, mixed>> */
    private static function items(mixed $json, string $field): array
    {
        $list = is_array($json) ? $json[$field] ?? [] : [];

        return array_values(array_filter(is_array($list) ? $list : [], is_array(...)));
    }

    private static function text(mixed $json, string $field): string
    {
        $value = is_array($json) ? $json[$field] ?? null : null;

        return is_string($value) ? $value : self::fail("no $field in " . json_encode($json));
    }
}
