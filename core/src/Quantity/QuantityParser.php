<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * Reads typed quantities: "2 qt", "12 ft 4 in", "1 ½ in", "70 °F", "5 mil", "1h30", "4 x 8 ft".
 *
 * A quantity is one or more terms, each a number and a unit of the dimension; only the first may be negative. A last
 * number without a unit takes the unit below the one before it, as in 5' 4 or 1h30. Digits are 0 to 9.
 */
final class QuantityParser
{
    private const NUMBER = '/\G\s*([+-]?)\s*([0-9]+\s+[0-9]+\/[0-9]+|[0-9]+\/[0-9]+|[0-9]+(?:\.[0-9]+)?|\.[0-9]+)\s*/u';
    /** Unit => the one below it that goes without saying. */
    private const BELOW = ['ft' => 'in', 'h' => 'min', 'lb' => 'oz', 'min' => 's', 'd' => 'h'];

    /**
     * @return float value in the unit of record of the dimension
     *
     * @throws InvalidQuantity with the forms that would be accepted
     */
    public static function parse(string $text, Dimension $dimension, Gallon $gallon = Gallon::Us): float
    {
        $plain = Typed::plain($text, $dimension);
        if ('' === $plain) {
            throw InvalidQuantity::because('Nothing was given.', $dimension);
        }
        if (
            Dimension::Duration === $dimension &&
            1 === preg_match('/^([0-9]+):([0-5][0-9])(?::([0-5][0-9]))?(?:\s*h)?$/', $plain, $m)
        ) {
            return (int) $m[1] + (int) $m[2] / 60 + (int) ($m[3] ?? 0) / 3600;
        }
        if (Dimension::Area === $dimension && 1 === preg_match('/^(.+?)\s*(?:x|by|\*)\s*(.+)$/ui', $plain, $m)) {
            return self::sides(trim($m[1]), trim($m[2]), $gallon);
        }
        if (
            Dimension::Density === $dimension &&
            1 === preg_match('/^(?:SG|sp\.? ?gr\.?|specific gravity)\s*[:=]?\s*([0-9.]+)$/ui', $plain, $m)
        ) {
            $plain = $m[1] . ' SG';
        }

        return self::terms($plain, $text, $dimension, $gallon);
    }

    /** Two sides make an area; the first may leave its unit to the second. */
    private static function sides(string $one, string $other, Gallon $gallon): float
    {
        $side = self::terms($other, $other, Dimension::Length, $gallon);
        $unit = 1 === preg_match('/^[0-9.\/\s]+$/', $one) ? (string) preg_replace('/^[0-9.\/\s]+/', '', $other) : '';

        return $side * self::terms($one . $unit, $one, Dimension::Length, $gallon);
    }

    private static function terms(string $plain, string $text, Dimension $dimension, Gallon $gallon): float
    {
        $sum = 0.0;
        $sign = 1.0;
        $before = null;
        for ($at = 0, $terms = 0; $at < strlen($plain); ++$terms) {
            if (1 !== preg_match(self::NUMBER, $plain, $match, 0, $at) || ($terms > 0 && '' !== $match[1])) {
                throw InvalidQuantity::because(
                    sprintf(
                        '"%s" is not %s %s.',
                        $text,
                        1 === preg_match('/^[aeiou]/', $dimension->value) ? 'an' : 'a',
                        $dimension->value,
                    ),
                    $dimension,
                );
            }
            $sign = '-' === $match[1] ? -1.0 : $sign;
            $at += strlen($match[0]);
            [$unit, $length] =
                $at >= strlen($plain) && null !== $before
                    ? [self::below($before, $dimension, $gallon, $text), 0]
                    : self::unitAt($plain, $at, $dimension, $gallon);
            $at += $length;
            if ($terms > 0 && Dimension::Temperature === $dimension) {
                throw InvalidQuantity::because(sprintf('"%s" adds two readings.', $text), $dimension);
            }
            $sum +=
                0.0 === $unit->offset
                    ? $unit->toRecord(self::number($match[2]))
                    : $unit->toRecord($sign * self::number($match[2])) * $sign;
            $before = $unit;
        }

        return $sign * $sum;
    }

    private static function below(Unit $before, Dimension $dimension, Gallon $gallon, string $text): Unit
    {
        foreach (UnitTable::of($dimension, $gallon) as $unit) {
            if ($unit->symbol() === (self::BELOW[$before->symbol()] ?? null)) {
                return $unit;
            }
        }
        throw InvalidQuantity::because(sprintf('"%s" has no unit at its end.', $text), $dimension);
    }

    /** @return array{Unit, int} the unit that stands at the offset and the bytes it takes */
    private static function unitAt(string $text, int $at, Dimension $dimension, Gallon $gallon): array
    {
        $rest = substr($text, $at);
        $best = null;
        $bestLength = -1;
        foreach (UnitTable::of($dimension, $gallon) as $unit) {
            foreach ($unit->symbols as $symbol) {
                $length = strlen($symbol);
                if ('ratio' !== $symbol && $length > $bestLength && self::startsWith($rest, $symbol)) {
                    $best = $unit;
                    $bestLength = $length;
                }
            }
        }
        if (null === $best) {
            $found = 1 === preg_match('/^[^\d\s]\S*/u', $rest, $match) ? $match[0] : '';
            throw InvalidQuantity::because(
                '' === $found
                    ? sprintf('"%s" has no unit.', $text)
                    : sprintf('"%s" is not a unit of %s.', $found, $dimension->value),
                $dimension,
            );
        }

        return [$best, $bestLength];
    }

    private static function startsWith(string $rest, string $symbol): bool
    {
        $start = substr($rest, 0, strlen($symbol));
        $after = substr($rest, strlen($symbol));
        if (mb_strtolower($start) !== mb_strtolower($symbol)) {
            return false;
        }

        return '' === $after || ('' !== $symbol && 1 === preg_match('/^[\s0-9.]/', $after));
    }

    private static function number(string $text): float
    {
        $total = 0.0;
        foreach (explode(' ', (string) preg_replace('/\s+/', ' ', $text)) as $part) {
            [$top, $bottom] = [...explode('/', $part), '1'];
            if (0.0 === (float) $bottom) {
                throw new InvalidQuantity(sprintf('"%s" divides by zero.', $text), 'a fraction such as 1/2');
            }
            $total += (float) $top / (float) $bottom;
        }

        return $total;
    }
}
