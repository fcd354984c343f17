<?php

declare(strict_types=1);

namespace App\Api\View;

/** Who works when. */
final readonly class PlanPerson
{
    /** @param list<SpanView> $spans */
    public function __construct(public string $name, public array $spans) {}
}
