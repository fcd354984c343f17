<?php

declare(strict_types=1);

namespace App\Api\Check;

use Symfony\Component\Validator\Constraints\Choice;
use Symfony\Component\Validator\Constraints\ChoiceValidator;

/** One of some words: a list of them, or the values of an enumeration. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class OneOf extends Choice
{
    /** @param list<string>|class-string<\BackedEnum> $of */
    public function __construct(array|string $of)
    {
        $words = is_array($of)
            ? $of
            : array_map(static fn(\BackedEnum $case): string => (string) $case->value, $of::cases());
        parent::__construct(
            choices: $words,
            message: '{{ value }} is not known here.',
            payload: 'one of: ' . implode(', ', $words),
        );
    }

    public function validatedBy(): string
    {
        return ChoiceValidator::class;
    }
}
