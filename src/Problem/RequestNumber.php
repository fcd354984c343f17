<?php

declare(strict_types=1);

namespace App\Problem;

use Monolog\Attribute\AsMonologProcessor;
use Monolog\LogRecord;
use Symfony\Component\HttpFoundation\RequestStack;

/** Every line of the log names the request it belongs to, as the web server numbered it. */
#[AsMonologProcessor]
final readonly class RequestNumber
{
    public function __construct(private RequestStack $requests) {}

    public function __invoke(LogRecord $record): LogRecord
    {
        $number = $this->requests->getMainRequest()?->headers->get('X-Request-Id');
        if (null !== $number && 1 === preg_match('/^[\w-]{1,64}$/', $number)) {
            $record->extra['request'] = $number;
        }

        return $record;
    }
}
