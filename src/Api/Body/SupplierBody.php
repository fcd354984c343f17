<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\Check\OneOf;
use App\Api\Check\Several;
use App\Api\Check\Whole;
use Hull\Store\Supplier;

/** Where things are bought. */
final readonly class SupplierBody
{
    /**
     * @param list<string> $sells
     */
    public function __construct(
        #[Line(80)] public string $name,
        #[Whole(0, 365)] public int $leadDays,
        #[Several(10, new OneOf(Supplier::KINDS))] public array $sells,
    ) {}
}
