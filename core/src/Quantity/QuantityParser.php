<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * Reads typed quantities: "2 qt", "12 ft 4 in", "1 1/2 in", "70 F", "5 mil", "1 h 30 min".
 *
 * A quantity is one or more terms, each a number and a unit of the dimension; only the first may be negative.
 */
final class QuantityParser
{
    private const NUMBER = '/\G\s*([+-]?)\s*(\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?|\.\d+)\s*/u';

    /**
     * @return float value in the unit of record of the dimension
     *
     * @throws InvalidQuantity with the forms that would be accepted
     */
    public static function parse(string $text, Dimension $dimension): float
    {
        $text = trim($text);
        if ('' === $text) {
            throw InvalidQuantity::because('Nothing was given.', $dimension);
        }
        if (str_contains($text, ',')) {
            throw InvalidQuantity::because(sprintf('"%s" has a comma; write decimals with a point and thousands without a mark.', $text), $dimension);
        }
        $sum = 0.0;
        $sign = 1.0;
        for ($at = 0, $terms = 0; $at < strlen($text); ++$terms) {
            if (1 !== preg_match(self::NUMBER, $text, $match, 0, $at) || ($terms > 0 && '' !== $match[1])) {
                throw InvalidQuantity::because(sprintf('"%s" is not %s %s.', $text, 1 === preg_match('/^[aeiou]/', $dimension->value) ? 'an' : 'a', $dimension->value), $dimension);
            }
            $sign = '-' === $match[1] ? -1.0 : $sign;
            $at += strlen($match[0]);
            [$unit, $length] = self::unitAt($text, $at, $dimension);
            $at += $length;
            if ($terms > 0 && Dimension::Temperature === $dimension) {
                throw InvalidQuantity::because(sprintf('"%s" adds two readings.', $text), $dimension);
            }
            $sum += 0.0 === $unit->offset ? $unit->toSi(self::number($match[2])) : $unit->toSi($sign * self::number($match[2])) * $sign;
        }

        return $sign * $sum;
    }

    /** @return array{Unit, int} the unit that stands at the offset and the bytes it takes */
    private static function unitAt(string $text, int $at, Dimension $dimension): array
    {
        $rest = substr($text, $at);
        $best = null;
        $bestLength = -1;
        foreach ($dimension->units() as $unit) {
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
            throw InvalidQuantity::because('' === $found ? sprintf('"%s" has no unit.', $text) : sprintf('"%s" is not a unit of %s.', $found, $dimension->value), $dimension);
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

        return '' === $symbol ? '' === $after : '' === $after || 1 === preg_match('/^[\s\d.]/', $after);
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
