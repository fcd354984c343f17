<?php

declare(strict_types=1);

namespace App\Api\Check;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\Constraints\Compound;
use Symfony\Component\Validator\Constraints\Length;
use Symfony\Component\Validator\Constraints\NotBlank;
use Symfony\Component\Validator\Constraints\Regex;

/** Plain text of at most so many characters; an optional one may be empty. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Line extends Compound
{
    private const PLAIN = '/^[^\x00-\x08\x0B\x0C\x0E-\x1F]*$/u';

    /** @param positive-int $most */
    public function __construct(public readonly int $most = 200, public readonly bool $empty = false)
    {
        parent::__construct();
    }

    public function accepted(): string
    {
        return $this->empty
            ? sprintf('a text of up to %d characters', $this->most)
            : sprintf('a text of 1 to %d characters', $this->most);
    }

    /** @return list<Constraint> */
    protected function getConstraints(array $options): array
    {
        return [
            ...$this->empty
                ? []
                : [new NotBlank(allowNull: true, message: 'Nothing is written here.', payload: $this->accepted())],
            new Length(
                max: $this->most,
                maxMessage: 'The text has {{ value_length }} characters.',
                charsetMessage: 'The text is not UTF-8.',
                payload: $this->accepted(),
            ),
            new Regex(self::PLAIN, 'The text holds control characters.', payload: 'plain text'),
        ];
    }
}
