<?php

declare(strict_types=1);

namespace App\Problem;

use Symfony\Component\HttpFoundation\JsonResponse;

/** A problem document (RFC 9457). */
final class Problem extends JsonResponse
{
    /** @param list<array{pointer: string, detail: string, accepted: string}> $errors */
    public function __construct(int $status, string $title, string $detail, array $errors = [])
    {
        parent::__construct(
            [
                'type' => 'about:blank',
                'title' => $title,
                'status' => $status,
                'detail' => $detail,
                ...[] === $errors ? [] : ['errors' => $errors],
            ],
            $status,
            ['Content-Type' => 'application/problem+json', 'Cache-Control' => 'no-store'],
        );
    }

    public static function invalid(string $pointer, string $detail, string $accepted): self
    {
        return new self(422, 'This cannot be used', $detail, [
            ['pointer' => $pointer, 'detail' => $detail, 'accepted' => $accepted],
        ]);
    }
}
