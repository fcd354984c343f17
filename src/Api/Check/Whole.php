<?php

declare(strict_types=1);

namespace App\Api\Check;

use Symfony\Component\Validator\Constraints\Range;
use Symfony\Component\Validator\Constraints\RangeValidator;

/** A whole number in a range. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Whole extends Range
{
    public const VERSION = 2_147_483_647;

    public function __construct(public readonly int $least, public readonly int $most)
    {
        parent::__construct(
            min: $least,
            max: $most,
            notInRangeMessage: 'This is not a whole number in range.',
            payload: sprintf('a whole number from %d to %d', $least, $most),
        );
    }

    public function validatedBy(): string
    {
        return RangeValidator::class;
    }
}
