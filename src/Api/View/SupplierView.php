<?php

declare(strict_types=1);

namespace App\Api\View;

/** Where things are bought. */
final readonly class SupplierView
{
    /**
     * @param list<string> $sells
     */
    public function __construct(public string $name, public int $leadDays, public array $sells) {}
}
