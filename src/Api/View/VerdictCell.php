<?php

declare(strict_types=1);

namespace App\Api\View;

/** Whether one film may go over another: straight, abraded, cured or no. */
final readonly class VerdictCell
{
    public function __construct(public string $above, public string $answer) {}
}
