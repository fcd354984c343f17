<?php

declare(strict_types=1);

namespace App\Api\View;

/** What a yard has, can and works with. */
final readonly class GearView
{
    /**
     * @param bool $asked somebody said it; until then it is what a new yard has
     * @param list<CapabilityView> $all
     */
    public function __construct(public int $version, public bool $asked, public array $all) {}
}
