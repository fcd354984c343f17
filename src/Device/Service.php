<?php

declare(strict_types=1);

namespace App\Device;

/** Asks a service on the network for JSON; whatever goes wrong is an answer of null. */
final readonly class Service
{
    private const MOST_BYTES = 1_000_000;

    /** @param array<int|string, mixed> $body */
    public static function post(string $address, string $path, array $body, float $patience = 2.0): void
    {
        if ('' !== $address) {
            @file_get_contents(
                rtrim($address, '/') . $path,
                false,
                stream_context_create([
                    'http' => [
                        'method' => 'POST',
                        'header' => 'Content-Type: application/json',
                        'content' => json_encode($body, \JSON_THROW_ON_ERROR),
                        'timeout' => $patience,
                        'ignore_errors' => true,
                    ],
                ]),
                0,
                self::MOST_BYTES,
            );
        }
    }

    /** @return mixed null when it does not answer in time, or not in JSON */
    public static function get(string $address, string $path, float $patience = 2.0): mixed
    {
        $answer =
            '' === $address
                ? false
                : @file_get_contents(
                    rtrim($address, '/') . $path,
                    false,
                    stream_context_create(['http' => ['timeout' => $patience, 'ignore_errors' => true]]),
                    0,
                    self::MOST_BYTES,
                );

        return json_decode(false === $answer ? '' : $answer, true);
    }
}
