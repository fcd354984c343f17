<?php

declare(strict_types=1);

namespace App\Problem;

use App\Entity\StaleVersion;
use App\Photo\StorageAway;
use App\Work\ClosedBook;
use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\OptimisticLockException;
use Hull\Input\InvalidInput;
use Hull\Route\NoRoute;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** Turns every error of the API into a problem document; never a stack trace. */
#[AsEventListener(priority: -50)]
final readonly class ProblemListener
{
    public function __invoke(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api')) {
            return;
        }
        $e = $event->getThrowable();
        if ($e instanceof AccessDeniedException || $e instanceof AuthenticationException) {
            return;
        }
        $event->setResponse(
            match (true) {
                Away::is($e) => Problem::away(),
                $e instanceof StorageAway => Problem::photosAway(),
                $e instanceof InvalidInput => Problem::invalid($e),
                $e instanceof Refused => Problem::invalid(...$e->errors),
                $e instanceof NoRoute => new Problem(409, 'No order of work leads there', $e->getMessage()),
                $e instanceof UniqueConstraintViolationException, $e instanceof RetryableException => new Problem(
                    409,
                    'Written at the same moment',
                    'Somebody else wrote here at the same moment. Nothing of yours was stored; load it again.',
                ),
                $e instanceof ClosedBook => new Problem(409, 'The job is closed', $e->getMessage()),
                $e instanceof OptimisticLockException, $e instanceof StaleVersion => new Problem(
                    409,
                    'Changed meanwhile',
                    'Somebody changed this after you opened it. Nothing of yours was stored; load it again.',
                ),
                $e instanceof HttpExceptionInterface => new Problem(
                    $e->getStatusCode(),
                    Response::$statusTexts[$e->getStatusCode()] ?? 'Error',
                    $e->getStatusCode() < 500 &&
                    '' !== $e->getMessage() &&
                    404 !== $e->getStatusCode() &&
                    405 !== $e->getStatusCode()
                        ? $e->getMessage()
                        : 'There is nothing like that here.',
                ),
                default => new Problem(
                    500,
                    'Something broke here',
                    'The error is in the log of the server. Look whether it was stored before you send it again.',
                ),
            },
        );
    }
}
