<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A change that removes a finding. */
final readonly class MendView
{
    /**
     * @param list<StepRef> $steps
     */
    public function __construct(public string|Message $label, public array $steps) {}
}
