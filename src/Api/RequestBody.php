<?php

declare(strict_types=1);

namespace App\Api;

/** What an endpoint reads; the API description is generated from it. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class RequestBody
{
    /** @param class-string $body */
    public function __construct(public string $body) {}
}
