<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Where things are bought, best liked first. */
final readonly class SuppliersBody
{
    /**
     * @param list<SupplierBody> $suppliers
     */
    public function __construct(public array $suppliers, public int $version) {}
}
