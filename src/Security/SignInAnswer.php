<?php

declare(strict_types=1);

namespace App\Security;

use App\Problem\Problem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** What the API answers to a sign-in, a failed one, and to a request without one. */
final class SignInAnswer implements
    AuthenticationSuccessHandlerInterface,
    AuthenticationFailureHandlerInterface,
    AuthenticationEntryPointInterface
{
    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        return new JsonResponse(null, 204);
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return $exception instanceof TooManyLoginAttemptsAuthenticationException
            ? new Problem(429, 'Too many tries', 'Too many failed sign-ins. Wait a minute and try again.')
            : new Problem(401, 'Not signed in', 'The e-mail address or the password is wrong.');
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return new Problem(401, 'Not signed in', 'Sign in first.');
    }
}
