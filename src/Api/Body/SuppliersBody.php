<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Several;
use App\Api\Check\Whole;
use Symfony\Component\Validator\Constraints\Valid;

/** Where things are bought, best liked first. */
final readonly class SuppliersBody
{
    /**
     * @param list<SupplierBody> $suppliers
     */
    public function __construct(
        #[Several(20), Valid] public array $suppliers,
        #[Whole(1, Whole::VERSION)] public int $version,
    ) {}
}
