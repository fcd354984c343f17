<?php

declare(strict_types=1);

namespace App\Security;

use App\Problem\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Looks at the size of what is sent before anything decodes it: bytes by route, and the number of fields, since names
 * that are chosen to collide make each field dearer than the one before.
 */
final readonly class BodyLimit
{
    /** Bytes and fields by the beginning of a path; the first that fits counts. */
    private const LIMITS = [
        '/api/sign-in' => [4_096, 20],
        '/api/jobs/import' => [5_000_000, 100_000],
        '/api/parts/' => [6_000_000, 20_000],
        '/api/' => [2_000_000, 20_000],
    ];

    /** Before routing and sign-in. */
    #[AsEventListener(priority: 300)]
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || $request->isMethodSafe()) {
            return;
        }
        [$bytes, $fields] = self::limits($request);
        if ((int) $request->headers->get('Content-Length', '0') > $bytes || strlen($request->getContent()) > $bytes) {
            $event->setResponse(
                new Problem(
                    413,
                    'Too large',
                    sprintf(
                        'The body is larger than %s; that is the most that is read here.',
                        $bytes < 1_000_000 ? $bytes . ' bytes' : intdiv($bytes, 1_000_000) . ' MB',
                    ),
                ),
            );
        } elseif ((int) preg_match_all('/"\s*:/', $request->getContent()) > $fields) {
            $event->setResponse(
                new Problem(
                    413,
                    'Too large',
                    sprintf('The body has more than %d fields; that is the most that is read here.', $fields),
                ),
            );
        }
    }

    /** @return array{int, int} */
    private static function limits(Request $request): array
    {
        foreach (self::LIMITS as $path => $limits) {
            if (str_starts_with($request->getPathInfo(), $path)) {
                return $limits;
            }
        }

        return [4_096, 20];
    }
}
