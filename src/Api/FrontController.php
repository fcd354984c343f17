<?php

declare(strict_types=1);

namespace App\Api;

use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Serves the page for every address that is a view of the application. */
final readonly class FrontController
{
    /** Reads of the first page. */
    private const FIRST = ['/api/today', '/api/jobs'];

    public function __construct(private string $manifest, private Security $security) {}

    #[
        Route(
            '/{path}',
            name: 'front',
            requirements: ['path' => '(?!api(/|$)|build/).*'],
            methods: ['GET'],
            priority: -100,
        ),
    ]
    public function page(string $path): Response
    {
        $built = BuiltFiles::read($this->manifest);
        if (null === $built) {
            return new Response('The front end has not been built yet. ./run builds it.', 503, [
                'Content-Type' => 'text/plain',
            ]);
        }
        $nonce = bin2hex(random_bytes(16));
        $html = sprintf(
            '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Unbowed Hull</title><meta ' .
                'name="viewport" content="width=device-width, initial-scale=1"><meta name="color-scheme" ' .
                'content="light dark"><meta property="csp-nonce" nonce="%1$s"><link rel="icon" href="/mark.svg" ' .
                'type="image/svg+xml">%2$s</head><body><div id="root"></div><noscript>Unbowed Hull needs scripts ' .
                'to be allowed.</noscript><script type="module" nonce="%1$s" ' .
                'src="/build/%3$s"></script></body></html>',
            $nonce,
            implode('', self::links($built, $nonce, '' === $path, null !== $this->security->getUser())),
            htmlspecialchars((string) $built->script()),
        );

        return new Response($html, 200, [
            'Content-Type' => 'text/html; charset=utf-8',
            'Cache-Control' => 'no-store',
            'Content-Security-Policy' => sprintf(
                "default-src 'self'; script-src 'self' 'nonce-%1\$s'; style-src 'self' 'nonce-%1\$s'; " .
                    "style-src-attr 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; connect-src " .
                    "'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'",
                $nonce,
            ),
        ]);
    }

    /**
     * What the page will ask for is asked for along with it: over a slow line each thing that is named only by the one
     * before costs a journey.
     *
     * @param bool $isFirst the page shows what wants you today
     * @param bool $isKnown somebody is signed in
     *
     * @return list<string>
     */
    private static function links(BuiltFiles $built, string $nonce, bool $isFirst, bool $isKnown): array
    {
        $link = static fn(string $rel, string $address, string $more = ''): string => sprintf(
            '<link rel="%s" href="%s"%s>',
            $rel,
            htmlspecialchars($address),
            $more,
        );
        $reads = ['/api/session', ...$isFirst && $isKnown ? self::FIRST : []];
        $font = $built->font();

        return [
            ...array_map(static fn(string $f): string => $link('stylesheet', '/build/' . $f), $built->styles()),
            ...array_map(
                static fn(string $f): string => $link('modulepreload', '/build/' . $f, " nonce=\"$nonce\""),
                $built->early($isKnown ? ($isFirst ? BuiltFiles::TODAY : null) : BuiltFiles::SIGN_IN),
            ),
            ...array_map(static fn(string $r): string => $link('preload', $r, ' as="fetch" crossorigin'), $reads),
            ...null === $font ? [] : [$link('preload', '/build/' . $font, ' as="font" type="font/woff2" crossorigin')],
        ];
    }
}
