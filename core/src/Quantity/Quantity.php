<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A value with its dimension, kept in the unit of record of that dimension. */
abstract readonly class Quantity
{
    final protected function __construct(protected float $value)
    {
        $dimension = static::dimension();
        if (!is_finite($value)) {
            throw InvalidQuantity::because('Not a finite number.', $dimension);
        }
        $floor = $dimension->floor();
        if (null !== $floor && $value < $floor - 1e-9) {
            throw InvalidQuantity::because(
                sprintf('%s is below the least possible %s.', self::plain($value, $dimension), $dimension->value),
                $dimension,
            );
        }
        $ceiling = $dimension->ceiling();
        if (null !== $ceiling && $value > $ceiling + 1e-9) {
            throw InvalidQuantity::because(
                sprintf('%s is above the largest possible %s.', self::plain($value, $dimension), $dimension->value),
                $dimension,
            );
        }
    }

    abstract public static function dimension(): Dimension;

    /** @return class-string<self> the quantity of a dimension */
    public static function classOf(Dimension $dimension): string
    {
        $name =
            __NAMESPACE__ .
            '\\' .
            str_replace(
                ' ',
                '',
                ucwords(
                    [
                        'ratio' => 'plain ratio',
                        'current' => 'electric current',
                        'voltage' => 'electric potential',
                        'power' => 'electric power',
                        'flow' => 'volume rate',
                    ][$dimension->value] ?? $dimension->value,
                ),
            );

        return is_a($name, self::class, true)
            ? $name
            : throw new \LogicException('No quantity of ' . $dimension->value . '.');
    }

    /** From a number in the unit of record (see Dimension). */
    final public static function ofRecord(float $value): static
    {
        return new static($value);
    }

    /** From typed text such as "12 ft 4 in"; a bare number is refused because its unit would be a guess. */
    final public static function parse(string $text, Gallon $gallon = Gallon::Us): static
    {
        return new static(QuantityParser::parse($text, static::dimension(), $gallon));
    }

    /** The value in the unit of record. */
    final public function value(): float
    {
        return $this->value;
    }

    final public function in(string $symbol): float
    {
        $unit =
            static::dimension()->unit($symbol) ??
            throw new \LogicException(sprintf('%s has no unit %s.', static::dimension()->value, $symbol));

        return $unit->fromRecord($this->value);
    }

    final public function format(UnitSystem $system): string
    {
        return QuantityFormat::text($this, $system);
    }

    private static function plain(float $value, Dimension $dimension): string
    {
        $symbol = $dimension->recordUnit()->symbol();
        if ('ratio' === $symbol) {
            return sprintf('%.6g %%', $value * 100);
        }

        return trim(sprintf('%.6g %s', $value, $symbol));
    }
}
