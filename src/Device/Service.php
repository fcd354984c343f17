<?php

declare(strict_types=1);

namespace App\Device;

/** Asks a service on the network for JSON; whatever goes wrong is an answer of null. */
final readonly class Service
{
    private const MOST_BYTES = 1_000_000;

    /** @return mixed null when it does not answer in time, or not in JSON */
    public static function get(string $address, string $path, float $patience = 2.0): mixed
    {
        $answer = '' === $address ? false : @file_get_contents(rtrim($address, '/').$path, false, stream_context_create(['http' => ['timeout' => $patience, 'ignore_errors' => true]]), 0, self::MOST_BYTES);

        return json_decode(false === $answer ? '' : $answer, true);
    }
}
