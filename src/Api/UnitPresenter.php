<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\How;
use App\Api\View\InputShown;
use App\Api\View\Value;
use Hull\Compute\Inputs;
use Hull\Compute\Result;
use Hull\Quantity\Mass;
use Hull\Quantity\MixRatio;
use Hull\Quantity\Quantity;
use Hull\Quantity\UnitSystem;

/** Shows quantities and results in the reader's units. */
final readonly class UnitPresenter
{
    public function __construct(public UnitSystem $units) {}

    public function value(Quantity $quantity, ?Result $result = null): Value
    {
        return new Value(
            $quantity->format($this->units),
            $quantity->value(),
            $quantity::dimension()->recordUnit()->symbol(),
            null === $result ? null : $this->how($result),
        );
    }

    /** What a scale is to show, in its own steps. */
    public function reading(Mass $mass, Mass $step, ?Result $result = null): Value
    {
        return new Value(
            $mass->onScale($step),
            $mass->value(),
            $mass::dimension()->recordUnit()->symbol(),
            null === $result ? null : $this->how($result),
        );
    }

    /** @param class-string<Quantity> $class */
    public function of(Result $result, string $name, string $class): Value
    {
        return $this->value($result->quantity($name, $class), $result);
    }

    public function how(Result $result): How
    {
        $inputs = [];
        foreach ($result->computation->inputs as $field) {
            $value = $result->inputs->values[$field->name] ?? null;
            if (null !== $value) {
                $inputs[] = new InputShown($field->label, $this->input($value));
            }
        }

        return new How(
            computation: $result->computation->name,
            summary: $result->computation->summary,
            formula: $result->computation->formula,
            origin: $result->computation->origin,
            source: $result->source->value,
            inputs: $inputs,
            warnings: $result->outcome->warnings,
        );
    }

    /** @param Quantity|MixRatio|string|list<Inputs> $value */
    private function input(Quantity|MixRatio|string|array $value): string
    {
        return match (true) {
            $value instanceof Quantity => $value->format($this->units),
            $value instanceof MixRatio => $value->text(),
            is_string($value) => $value,
            default => implode(
                '; ',
                array_map(
                    fn(Inputs $row): string => implode(
                        ' → ',
                        array_map(
                            fn(mixed $v): string => $v instanceof Quantity ? $v->format($this->units) : '',
                            $row->values,
                        ),
                    ),
                    $value,
                ),
            ),
        };
    }
}
