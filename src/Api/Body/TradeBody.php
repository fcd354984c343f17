<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;

/** What a job was bought for and is to be sold for. */
final readonly class TradeBody
{
    /**
     * @param ?string $bought an amount such as 450 or 450.50, without a currency; null or empty for nothing
     * @param ?string $sale an amount such as 450 or 450.50; null or empty where it is not for sale
     */
    public function __construct(
        #[Line(40, true)] public ?string $bought = null,
        #[Line(40, true)] public ?string $sale = null,
    ) {}
}
