<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Climate\Air;
use Hull\Quantity\Interpolation;

/** A kind of film by what the air does to its cure, beside its warmth. */
final readonly class CureKind
{
    /**
     * @param array<int|string, float> $speed water in the air, g/m3 => times as fast as the sheet says; ascending
     * @param float|null $stallsUnder relative humidity, 0 to 1, under which it does not cure
     * @param float|null $stopsOver relative humidity over which it does not cure
     * @param float|null $dampFrom relative humidity to which the sheet's hours hold; in damper air it dries slower, by
     *                             what is left to take up water
     * @param float|null $blushesUnder degrees C under which an amine blush forms: it cures, and must be washed before
     *                                 the next film
     * @param float|null $blushesOver relative humidity over which one forms
     */
    public function __construct(
        public string $id,
        public string $name,
        private array $speed = [],
        private ?float $stallsUnder = null,
        private ?float $stopsOver = null,
        private ?float $dampFrom = null,
        private ?float $blushesUnder = null,
        private ?float $blushesOver = null,
    ) {}

    /** One that minds nothing but warmth. */
    public static function plain(): self
    {
        return new self('plain', 'by warmth alone');
    }

    /** Whether damp air changes how fast it cures. */
    public function mindsHumidity(): bool
    {
        return [] !== $this->speed ||
            null !== $this->dampFrom ||
            null !== $this->stallsUnder ||
            null !== $this->stopsOver;
    }

    /** Factor on the sheet's hours; null where the film does not cure. */
    public function humidity(Air $air): ?float
    {
        $rh = $air->humidity->value();
        if (
            (null !== $this->stallsUnder && $rh < $this->stallsUnder) ||
            (null !== $this->stopsOver && $rh > $this->stopsOver)
        ) {
            return null;
        }
        $factor =
            [] === $this->speed ? 1.0 : 1.0 / Interpolation::held($this->speed, $air->absoluteHumidity()->gPerM3());
        if (null !== $this->dampFrom) {
            $factor *= $rh < 1.0 ? max(1.0, (1.0 - $this->dampFrom) / (1.0 - $rh)) : \INF;
        }

        return $factor;
    }

    /** The same for the rows of an event; a window that closes is not kept open by damp or dry air. */
    public function factor(CureRows $rows, Air $air): ?float
    {
        $factor = $this->humidity($air);

        return $rows->closes() ? min(1.0, $factor ?? 1.0) : $factor;
    }

    public function blushes(Air $air): bool
    {
        return (null !== $this->blushesUnder && $air->temperature->c() < $this->blushesUnder) ||
            (null !== $this->blushesOver && $air->humidity->value() > $this->blushesOver);
    }

    /** In what air it cures, in words; empty where it does in any. */
    public function cures(): string
    {
        $percent = static fn(float $rh): string => sprintf('%g %%', 100.0 * $rh);

        return self::joined(
            ', ',
            null === $this->stallsUnder ? '' : $percent($this->stallsUnder) . ' or more',
            null === $this->stopsOver ? '' : $percent($this->stopsOver) . ' or less',
        );
    }

    /** What it does, as formulas show it. */
    public function words(): string
    {
        $said = [];
        foreach ($this->speed as $at => $times) {
            $said[] = sprintf('%g at %s', $times, $at);
        }
        $speed = [] === $said ? '' : '1 / (' . implode(', ', $said) . ' g/m3)';
        $damp = null === $this->dampFrom ? '' : sprintf('%g / (100 - RH)', 100.0 * (1.0 - $this->dampFrom));

        return self::joined(' x ', $speed, $damp);
    }

    private static function joined(string $by, string ...$words): string
    {
        return implode($by, array_filter($words, static fn(string $w): bool => '' !== $w));
    }
}
