<?php

declare(strict_types=1);

namespace App\Api\Check;

use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Symfony\Component\Validator\Constraints\Callback;
use Symfony\Component\Validator\Constraints\CallbackValidator;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A day on the calendar, as 2026-12-25, read as the core reads it. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Day extends Callback
{
    public function __construct()
    {
        parent::__construct(static function (mixed $value, ExecutionContextInterface $context): void {
            try {
                if (null !== $value) {
                    Node::root($value)->day();
                }
            } catch (InvalidInput $e) {
                $context->buildViolation($e->getMessage())->addViolation();
            }
        }, payload: 'a day such as 2026-12-25');
    }

    public function validatedBy(): string
    {
        return CallbackValidator::class;
    }
}
