<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Places of one sort on a part that stay bare or clean. */
final readonly class CoveredBody
{
    /**
     * @param string $kind id of a covering of the catalogue
     * @param string|float|null $across width or diameter, typed or in metres
     * @param string|float|null $along length, typed or in metres
     * @param string|null $on name of the shape it is on
     */
    public function __construct(
        public string $kind,
        public ?string $name = null,
        public ?int $count = null,
        public string|float|null $across = null,
        public string|float|null $along = null,
        public ?string $on = null,
    ) {}
}
