<?php

declare(strict_types=1);

namespace App\Problem;

use App\Photo\PhotoFiles;
use Hull\Input\InvalidInput;
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

    /** The database is away; what was sent was not stored. */
    public static function away(): self
    {
        return self::later(
            3,
            'The database is away',
            'It is being started again. Nothing was stored; send it again in a moment.',
        );
    }

    /** The place where photos are kept is away; everything else goes on. */
    public static function photosAway(): self
    {
        return self::later(
            PhotoFiles::AWAY_S,
            'Photos cannot be reached',
            'The place where photos are kept does not answer. No photo was stored or lost; try again in a minute.',
        );
    }

    /** @param int $after when it is worth to try again, s */
    private static function later(int $after, string $title, string $detail): self
    {
        $problem = new self(503, $title, $detail);
        $problem->headers->set('Retry-After', (string) $after);

        return $problem;
    }

    public static function invalid(InvalidInput $first, InvalidInput ...$more): self
    {
        return new self(
            422,
            'This cannot be used',
            $first->getMessage(),
            array_map(
                static fn(InvalidInput $e): array => [
                    'pointer' => $e->pointer,
                    'detail' => $e->getMessage(),
                    'accepted' => $e->accepted,
                ],
                array_merge(...array_map(static fn(InvalidInput $e): array => $e->each(), [$first, ...$more])),
            ),
        );
    }
}
