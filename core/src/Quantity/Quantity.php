<?php

declare(strict_types=1);

namespace Hull\Quantity;

/** A value with its dimension, kept in the unit of record of that dimension. */
abstract readonly class Quantity
{
    final protected function __construct(protected float $si)
    {
        $dimension = static::dimension();
        if (!is_finite($si)) {
            throw InvalidQuantity::because('Not a finite number.', $dimension);
        }
        $floor = $dimension->floor();
        if (null !== $floor && $si < $floor - 1e-9) {
            throw InvalidQuantity::because(
                sprintf('%s is below the least possible %s.', self::plain($si, $dimension), $dimension->value),
                $dimension,
            );
        }
        $ceiling = $dimension->ceiling();
        if (null !== $ceiling && $si > $ceiling + 1e-9) {
            throw InvalidQuantity::because(
                sprintf('%s is above the largest possible %s.', self::plain($si, $dimension), $dimension->value),
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
    final public static function ofSi(float $si): static
    {
        return new static($si);
    }

    /** From typed text such as "12 ft 4 in"; a bare number is refused because its unit would be a guess. */
    final public static function parse(string $text, Gallon $gallon = Gallon::Us): static
    {
        return new static(QuantityParser::parse($text, static::dimension(), $gallon));
    }

    /** The value in the unit of record. */
    final public function si(): float
    {
        return $this->si;
    }

    final public function in(string $symbol): float
    {
        $unit =
            static::dimension()->unit($symbol) ??
            throw new \LogicException(sprintf('%s has no unit %s.', static::dimension()->value, $symbol));

        return $unit->fromSi($this->si);
    }

    final public function format(UnitSystem $system): string
    {
        return QuantityFormat::text($this, $system);
    }

    private static function plain(float $si, Dimension $dimension): string
    {
        $symbol = $dimension->siUnit()->symbol();
        if ('ratio' === $symbol) {
            return sprintf('%.6g %%', $si * 100);
        }

        return trim(sprintf('%.6g %s', $si, $symbol));
    }
}
