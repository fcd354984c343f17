<?php

declare(strict_types=1);

namespace Hull\Mix;

use Hull\Quantity\Density;
use Hull\Quantity\InvalidQuantity;
use Hull\Quantity\Mass;
use Hull\Quantity\Volume;

/** A mix of any number of parts, by volume or by mass, in pouring order. */
final readonly class ManyParts
{
    /** @param list<array{float, float}> $poured litres and kilograms of each */
    private function __construct(private array $poured) {}

    /**
     * @param list<array{float, Density|null}> $parts how many parts, and the density; every density is needed to cross
     *                                                from one measure to the other
     * @param Volume|Mass $total of the whole mix
     */
    public static function of(RatioBy $by, array $parts, Volume|Mass $total): self
    {
        $densities = [];
        foreach ($parts as [$part, $density]) {
            if ($part <= 0.0) {
                throw new InvalidQuantity('A part of nothing is no part.', 'parts above zero', 'parts');
            }
            if (null === $density || $density->kgPerL() <= 0.0) {
                throw new InvalidQuantity(
                    'A part has no density: volume and mass cannot be told from one another.',
                    'a density such as 1.15 kg/L for every part',
                    'parts',
                );
            }
            $densities[] = $density->kgPerL();
        }
        $shares = array_map(
            static fn(array $p, float $d): array => RatioBy::Volume === $by ? [$p[0], $p[0] * $d] : [$p[0] / $d, $p[0]],
            $parts,
            $densities,
        );
        $whole = array_sum(array_column($shares, $total instanceof Volume ? 0 : 1));
        if ($whole <= 0.0) {
            throw new InvalidQuantity('There are no parts.', 'one part or more', 'parts');
        }

        return new self(
            array_map(
                static fn(array $s): array => [($s[0] * $total->value()) / $whole, ($s[1] * $total->value()) / $whole],
                $shares,
            ),
        );
    }

    public function volume(): Volume
    {
        return Volume::litres(array_sum(array_column($this->poured, 0)));
    }

    public function mass(): Mass
    {
        return Mass::kilograms(array_sum(array_column($this->poured, 1)));
    }

    /** Each part by volume, and what one scale reads after it. */
    public function words(): string
    {
        $read = 0.0;
        $words = [];
        foreach ($this->poured as $number => [$litres, $kg]) {
            $read += $kg;
            $words[] = sprintf(
                '%s: %.0f mL, scale to %.0f g',
                chr(65 + ($number % 26)),
                $litres * 1000.0,
                $read * 1000.0,
            );
        }

        return implode('; ', $words);
    }
}
