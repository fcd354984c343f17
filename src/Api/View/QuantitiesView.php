<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** The quantities of a job: areas, films, packs, what the store gives, cost; as planned or otherwise. */
final readonly class QuantitiesView
{
    /**
     * @param list<Option> $methods
     * @param list<AreaLine> $areas
     * @param list<FilmNeedView> $films
     * @param list<NeedView> $goods
     * @param list<OrderView> $orders
     * @param list<string> $unmeasured
     * @param list<string> $unrouted
     */
    public function __construct(
        public string $jobId,
        public string $name,
        public int $moreCoats,
        public string $moreLoss,
        public bool $breeze,
        public string $method,
        public array $methods,
        public array $areas,
        public Value $area,
        public Value $notCoated,
        public array $films,
        public array $goods,
        public string $price,
        public string $planned,
        public string|Message $difference,
        public array $orders,
        public array $unmeasured,
        public array $unrouted,
        public ?JobWorthView $worth,
    ) {}
}
