<?php

declare(strict_types=1);

namespace App\Api\Body;

/** Room that a part takes, and what it weighs. */
final readonly class RoomBody
{
    /**
     * @param string|float|null $long typed or in metres
     * @param string|float|null $wide typed or in metres
     * @param string|null $way stands, hangs, laid-out or bench
     * @param string|float|null $weight typed or in kilograms
     */
    public function __construct(
        public string|float|null $long = null,
        public string|float|null $wide = null,
        public ?string $way = null,
        public string|float|null $weight = null,
    ) {}
}
