<?php

declare(strict_types=1);

namespace App\Api;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Serves the page for every address that is a view of the application. */
final readonly class FrontController
{
    public function __construct(private string $manifest) {}

    #[
        Route(
            '/{path}',
            name: 'front',
            requirements: ['path' => '(?!api(/|$)|build/).*'],
            methods: ['GET'],
            priority: -100,
        ),
    ]
    public function page(): Response
    {
        $built = is_file($this->manifest) ? json_decode((string) file_get_contents($this->manifest), true) : null;
        $entry = is_array($built) ? $built['index.html'] ?? null : null;
        if (!is_array($entry) || !is_string($entry['file'] ?? null)) {
            return new Response('The front end has not been built yet. ./run builds it.', 503, [
                'Content-Type' => 'text/plain',
            ]);
        }
        $styles = '';
        foreach (is_array($entry['css'] ?? null) ? $entry['css'] : [] as $css) {
            $styles .= sprintf(
                '<link rel="stylesheet" href="/build/%s">',
                htmlspecialchars(is_string($css) ? $css : ''),
            );
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
            $styles,
            htmlspecialchars($entry['file']),
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
}
