<?php

declare(strict_types=1);

namespace Hull\Laminate;

use Hull\Quantity\Length;
use Hull\Quantity\Volume;

/** Volume of a hollow from sections measured along it, by the trapezoid rule (calculations 5). */
final readonly class Cavity
{
    /**
     * @param list<array{Length, Length, Length}> $sections place along it, width, depth; two or more, in rising place
     */
    public function __construct(private array $sections) {}

    /** @param Length $error added to every depth */
    public function volume(?Length $error = null): Volume
    {
        $litres = 0.0;
        for ($i = 1; $i < count($this->sections); ++$i) {
            [$from, $w0, $d0] = $this->sections[$i - 1];
            [$to, $w1, $d1] = $this->sections[$i];
            $more = $error?->m() ?? 0.0;
            $litres +=
                ((($to->m() - $from->m()) * ($w0->m() * ($d0->m() + $more) + $w1->m() * ($d1->m() + $more))) / 2.0) *
                1000.0;
        }

        return Volume::litres($litres);
    }

    public function deepest(): Length
    {
        return Length::metres(max([0.0, ...array_map(static fn(array $s): float => $s[2]->m(), $this->sections)]));
    }
}
