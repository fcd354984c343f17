<?php

declare(strict_types=1);

namespace App\Api\Check;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\Constraints\All;
use Symfony\Component\Validator\Constraints\Compound;
use Symfony\Component\Validator\Constraints\Count;
use Symfony\Component\Validator\Constraints\Type;

/** At most so many of something; of texts each by a check of its own. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Several extends Compound
{
    /** @param positive-int $most */
    public function __construct(public readonly int $most, public readonly ?Constraint $each = null)
    {
        parent::__construct();
    }

    /** @return list<Constraint> */
    protected function getConstraints(array $options): array
    {
        $accepted = sprintf('at most %d entries', $this->most);

        return [
            new Count(max: $this->most, maxMessage: 'The list has {{ count }} entries.', payload: $accepted),
            ...null === $this->each
                ? []
                : [new All([new Type('string', 'This is not a text.', payload: 'a text'), $this->each])],
        ];
    }
}
