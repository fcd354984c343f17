<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** What a job was bought and is to be sold for, and what that leaves. */
final readonly class EarningsView
{
    /**
     * @param string $bought amount as typed; empty where nobody said
     * @param string $sale amount as typed; empty where it is not for sale
     * @param string $left of the sale when all is paid; empty where it is not for sale
     * @param string|Message $hour what an hour of work earns; empty where there is none
     * @param string|Message $how how what is left was worked out
     * @param string $says held against what an hour is worth
     */
    public function __construct(
        public string $currency,
        public string $bought,
        public string $sale,
        public string $left = '',
        public string|Message $hour = '',
        public string|Message $how = '',
        public string $says = '',
    ) {}
}
