<?php

declare(strict_types=1);

namespace App\Device;

use App\Keep\Circuit;
use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/**
 * Asks a service on the network for JSON; whatever goes wrong is an answer of null. One that did not answer is not
 * asked again for a while, so that nobody waits for it twice.
 */
final readonly class Service
{
    private const MOST_BYTES = 1_000_000;

    public function __construct(private HttpClientInterface $http, private Circuit $circuit) {}

    /** @param array<int|string, mixed> $body */
    public function post(string $address, string $path, array $body, float $patience = 2.0): void
    {
        $this->ask('POST', $address, $path, ['json' => $body], $patience);
    }

    /** @return mixed null when it does not answer in time, or not in JSON */
    public function get(string $address, string $path, float $patience = 2.0): mixed
    {
        return json_decode($this->ask('GET', $address, $path, [], $patience) ?? '', true);
    }

    /** @param array<string, mixed> $options */
    private function ask(string $verb, string $address, string $path, array $options, float $patience): ?string
    {
        if ('' === $address || $this->circuit->isOpen($address)) {
            return null;
        }
        try {
            return $this->http
                ->request($verb, rtrim($address, '/') . $path, [
                    ...$options,
                    'timeout' => $patience,
                    'max_duration' => $patience,
                    'max_redirects' => 0,
                    'on_progress' => static function (int $bytes): void {
                        if ($bytes > self::MOST_BYTES) {
                            throw new \RuntimeException('More than an answer may be.');
                        }
                    },
                ])
                ->getContent(false);
        } catch (ExceptionInterface) {
            $this->circuit->open($address);

            return null;
        }
    }
}
