<?php

declare(strict_types=1);

namespace App\Api;

/** Names of the query parameters that an operation understands; all of them optional. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class QueryParameters
{
    /** @var list<string> */
    public array $names;

    public function __construct(string ...$names)
    {
        $this->names = array_values($names);
    }
}
