<?php

declare(strict_types=1);

namespace App\Security;

use App\Problem\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\Security\Csrf\CsrfToken;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** Every write of the API must carry the token that only this site's own pages can read. */
#[AsEventListener(priority: 20)]
final readonly class CsrfListener
{
    public const HEADER = 'X-Hull-Token';
    public const ID = 'api';

    public function __construct(private CsrfTokenManagerInterface $tokens) {}

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$event->isMainRequest() || !str_starts_with($request->getPathInfo(), '/api') || $request->isMethodSafe()) {
            return;
        }
        if (!$this->tokens->isTokenValid(new CsrfToken(self::ID, $request->headers->get(self::HEADER)))) {
            $event->setResponse(
                new Problem(
                    403,
                    'The page is out of date',
                    'The request did not carry the token of this session. Load the page again.',
                ),
            );
        }
    }
}
