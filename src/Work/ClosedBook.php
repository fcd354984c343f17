<?php

declare(strict_types=1);

namespace App\Work;

/** Something was to be written in a job that is closed; the API answers 409. */
final class ClosedBook extends \RuntimeException
{
    public function __construct(string $job)
    {
        parent::__construct(sprintf('%s is closed. Nothing was stored; open the job again to go on with it.', $job));
    }
}
