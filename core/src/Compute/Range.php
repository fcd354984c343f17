<?php

declare(strict_types=1);

namespace Hull\Compute;

use Hull\Input\InvalidInput;
use Hull\Quantity\Dimension;
use Hull\Quantity\Quantity;
use Hull\Quantity\UnitSystem;

/** What an input may hold, in the unit of record: refused at the field itself, with what is accepted. */
final readonly class Range
{
    /**
     * @param float|null $least lowest value; not itself where $above
     * @param float|null $most highest value
     * @param bool $whole whole numbers only
     */
    private function __construct(
        private ?float $least,
        private ?float $most,
        private bool $above = false,
        private bool $whole = false,
    ) {}

    /**
     * What a yard can have of a dimension at all: nothing negative, nothing larger than a ship or longer than a
     * decade.
     */
    public static function usual(Dimension $dimension): self
    {
        return match ($dimension) {
            Dimension::Temperature => new self(-90.0, 1500.0),
            Dimension::TemperatureDifference => new self(-1500.0, 1500.0),
            Dimension::Percentage => new self(0.0, 1.0),
            Dimension::RelativeHumidity => new self(0.0, 1.0),
            Dimension::Count => new self(0.0, 1e6, whole: true),
            Dimension::Duration => new self(0.0, 87_660.0),
            Dimension::FilmThickness => new self(0.0, 1e5),
            Dimension::Density => new self(0.0, 25.0),
            Dimension::Length => new self(0.0, 1e5),
            default => new self(0.0, 1e6),
        };
    }

    public function above(float $least): self
    {
        return new self($least, $this->most, true, $this->whole);
    }

    public function from(float $least): self
    {
        return new self($least, $this->most, false, $this->whole);
    }

    public function upTo(float $most): self
    {
        return new self($this->least, $most, $this->above, $this->whole);
    }

    /** Parts of one count as well. */
    public function broken(): self
    {
        return new self($this->least, $this->most, $this->above, false);
    }

    /** @throws InvalidInput at the field */
    public function check(string $pointer, Quantity $value): void
    {
        $number = $value->value();
        $low = null !== $this->least && ($this->above ? $number <= $this->least : $number < $this->least - 1e-9);
        $high = null !== $this->most && $number > $this->most + 1e-9;
        $broken = $this->whole && abs($number - round($number)) > 1e-6;
        if ($low || $high || $broken) {
            throw new InvalidInput(
                $pointer,
                $broken
                    ? 'Only whole ones are counted.'
                    : sprintf('%s is too %s here.', self::said($value, $number), $low ? 'little' : 'much'),
                $this->words($value),
            );
        }
    }

    /** What is accepted, in words. */
    public function words(Quantity $of): string
    {
        $kind = $this->whole
            ? 'a whole number'
            : str_replace(
                'plain number',
                'number',
                'a ' . ('' === $of::dimension()->recordUnit()->symbol() ? 'number' : $of::dimension()->value),
            );
        $from = null === $this->least ? '' : ($this->above ? ' above ' : ' from ') . self::said($of, $this->least);
        $to = null === $this->most ? '' : ' up to ' . self::said($of, $this->most);

        return preg_replace('/^a (?=[aeiou])/', 'an ', $kind) . $from . $to;
    }

    private static function said(Quantity $of, float $number): string
    {
        if (0.0 === $number && Dimension::Temperature !== $of::dimension()) {
            return '0';
        }
        try {
            return $of::ofRecord($number)->format(UnitSystem::Metric);
        } catch (\Hull\Quantity\InvalidQuantity) {
            return sprintf('%g', $number);
        }
    }
}
