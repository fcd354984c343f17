<?php

declare(strict_types=1);

namespace App\Format;

use Hull\Compute\Result;
use Hull\Quantity\Quantity;

/** The JSON form of a computed result, the same for console and API. */
final class ComputeFormat
{
    /** @return array<int|string, mixed> */
    public static function result(Result $result): array
    {
        $values = [];
        foreach ($result->outcome->values as $name => $value) {
            $values[$name] =
                $value instanceof Quantity
                    ? ['value' => $value->value(), 'unit' => $value::dimension()->recordUnit()->symbol()]
                    : $value;
        }

        return [
            'computation' => $result->computation->name,
            'formula' => $result->computation->formula,
            'source' => $result->source->value,
            'values' => $values,
            'warnings' => $result->outcome->warnings,
        ];
    }

    /**
     * Warnings as text, for whoever reads no messages.
     *
     * @return array<int|string, mixed>
     */
    public static function plain(Result $result): array
    {
        return [...self::result($result), 'warnings' => array_map(strval(...), $result->outcome->warnings)];
    }
}
