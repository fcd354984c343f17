<?php

declare(strict_types=1);

namespace App\Security;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Whoever uses the yard stays signed in: the cookie of the session is given anew once a day, with its whole life
 * before it.
 */
final readonly class SlidingSession
{
    private const EVERY_S = 86_400;
    private const SINCE = 'hull.cookie_since';

    /** @param int $lifetime seconds */
    public function __construct(private int $lifetime) {}

    #[AsEventListener(priority: -900)]
    public function __invoke(ResponseEvent $event): void
    {
        $request = $event->getRequest();
        if (
            !$event->isMainRequest() ||
            !$request->hasPreviousSession() ||
            !$request->getSession()->has('_security_main')
        ) {
            return;
        }
        $session = $request->getSession();
        // A browser holds a cookie against the clock on its wall.
        $now = time();
        $since = $session->get(self::SINCE);
        if (is_int($since) && $now - $since < self::EVERY_S) {
            return;
        }
        $session->set(self::SINCE, $now);
        $event
            ->getResponse()
            ->headers->setCookie(
                Cookie::create(
                    name: $session->getName(),
                    value: $session->getId(),
                    expire: $now + $this->lifetime,
                    path: '/',
                    domain: null,
                    secure: $request->isSecure(),
                    httpOnly: true,
                    raw: false,
                    sameSite: Cookie::SAMESITE_LAX,
                ),
            );
    }
}
