<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Whole;

/** So many are back on, or out again. */
final readonly class TickBody
{
    /**
     * @param int $done how many; for all things of the tag anything above 0 is all
     * @param int|null $item place of the thing on the tag, 0 first; all of them without it
     */
    public function __construct(#[Whole(0, 10_000)] public int $done, #[Whole(0, 1000)] public ?int $item = null) {}
}
