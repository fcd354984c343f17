<?php

declare(strict_types=1);

namespace App\Api;

/** What an endpoint answers; the API description is generated from it. Null: no content. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class ResponseBody
{
    /** @param class-string|null $view */
    public function __construct(public ?string $view, public int $status = 200) {}
}
