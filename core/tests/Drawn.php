<?php

declare(strict_types=1);

namespace Hull\Tests;

/** Inputs like those given, every number drawn anew around its own: a third to three times, now and then nothing. */
final class Drawn
{
    /**
     * @param array<array-key, mixed> $inputs numbers, or texts such as "85 mm"
     *
     * @return array<array-key, mixed>
     */
    public static function like(array $inputs, \Random\Randomizer $random): array
    {
        return array_map(
            static fn(mixed $value): mixed => match (true) {
                is_array($value) => self::like($value, $random),
                is_int($value), is_float($value) => self::number((float) $value, $random),
                is_string($value) && 1 === preg_match('/^(\d+(?:\.\d+)?)( .*)$/', $value, $m) => self::number(
                    (float) $m[1],
                    $random,
                ) . $m[2],
                default => $value,
            },
            $inputs,
        );
    }

    private static function number(float $value, \Random\Randomizer $random): float
    {
        // What was nothing is something every other time.
        if (0.0 === $value) {
            return max(0, $random->getInt(-100, 100)) / 200.0;
        }

        return match ($random->getInt(0, 9)) {
            0 => 0.0,
            1 => $value,
            2 => round($value),
            default => round($value * 3.0 ** ($random->getInt(-1000, 1000) / 1000.0), 3),
        };
    }
}
