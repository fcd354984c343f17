<?php

declare(strict_types=1);

namespace App\Api\Body;

use App\Api\Check\Line;
use App\Api\Check\OneOf;

/** What happened to a tin. */
final readonly class MovementBody
{
    public const BY_HAND = ['opened', 'activated', 'used', 'counted', 'binned'];

    /**
     * @param string|float|null $amount typed, or in the unit of record; not asked for where a clock starts
     */
    public function __construct(
        #[OneOf(self::BY_HAND)] public string $kind,
        public string|float|null $amount = null,
        #[Line(500, empty: true)] public string $note = '',
    ) {}
}
