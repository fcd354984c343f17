<?php

declare(strict_types=1);

namespace App\Api;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Quantity\Gallon;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Reads a JSON body, refusing what is too large or malformed before anything else looks at it. */
final class JsonBody
{
    public const MOST_BYTES = 5_000_000;
    /** Attribute of a request: the gallon of the yard that asks. */
    public const GALLON = '_gallon';
    private const MOST_DEPTH = 32;

    public static function of(Request $request): Node
    {
        if (
            (int) $request->headers->get('Content-Length', '0') > self::MOST_BYTES ||
            strlen($request->getContent()) > self::MOST_BYTES
        ) {
            throw new HttpException(
                413,
                sprintf(
                    'The body is larger than %d MB; that is the most that is read.',
                    intdiv(self::MOST_BYTES, 1_000_000),
                ),
            );
        }

        return self::decode($request->getContent(), self::gallon($request));
    }

    /** What the address of a request asks, less what is empty. */
    public static function query(Request $request): Node
    {
        return Node::root(
            array_filter($request->query->all(), static fn(mixed $v): bool => '' !== $v),
            self::gallon($request),
        );
    }

    public static function gallon(Request $request): Gallon
    {
        $gallon = $request->attributes->get(self::GALLON);

        return $gallon instanceof Gallon ? $gallon : Gallon::Us;
    }

    public static function decode(string $json, Gallon $gallon = Gallon::Us): Node
    {
        try {
            return Node::root(json_decode($json, true, self::MOST_DEPTH, \JSON_THROW_ON_ERROR), $gallon);
        } catch (\JsonException $e) {
            throw new InvalidInput('', 'The body is not JSON: ' . $e->getMessage() . '.', 'a JSON document in UTF-8');
        }
    }
}
