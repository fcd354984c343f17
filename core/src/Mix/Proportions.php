<?php

declare(strict_types=1);

namespace Hull\Mix;

use Hull\Quantity\Density;
use Hull\Quantity\MixRatio;

/**
 * A mix ratio both by volume and by mass: as stated, or worked out from the densities; null where neither can be said.
 *
 * Where a sheet states both, each stands as stated, also when the densities say otherwise.
 */
final readonly class Proportions
{
    /** @param list<string> $missing what the sheet would have to give */
    private function __construct(
        public ?MixRatio $byVolume,
        public ?MixRatio $byMass,
        public RatioBy $stated,
        public bool $bothStated,
        public array $missing,
    ) {}

    /** @param MixRatio|null $other the ratio of the other kind, where the sheet gives both */
    public static function of(
        MixRatio $ratio,
        RatioBy $by,
        ?MixRatio $other = null,
        ?Density $base = null,
        ?Density $hardener = null,
        ?Density $thinner = null,
    ): self {
        $missing = [];
        $given = null !== $other;
        if (null === $other) {
            $needed = ['density of A' => $base];
            $needed += $ratio->isOnePart() ? [] : ['density of B' => $hardener];
            $needed += 0.0 === $ratio->thinnerShare ? [] : ['density of the thinner' => $thinner];
            $missing = array_keys(
                array_filter($needed, static fn(?Density $d): bool => null === $d || $d->kgPerL() <= 0.0),
            );
            $other = [] === $missing ? self::turned($ratio, $by, $base, $hardener, $thinner) : null;
        }

        return RatioBy::Volume === $by
            ? new self($ratio, $other, $by, $given, $missing)
            : new self($other, $ratio, $by, $given, $missing);
    }

    /** "2:1 by volume"; a mass ratio is given for a hundred of A. */
    public function text(RatioBy $by): ?string
    {
        $ratio = RatioBy::Volume === $by ? $this->byVolume : $this->byMass;

        $figures = $this->bothStated || $by === $this->stated ? 9 : 3;

        return null === $ratio ? null : $ratio->text($figures) . ' by ' . $by->value;
    }

    /** Thinner is a share of A + B in the same measure. */
    private static function turned(
        MixRatio $ratio,
        RatioBy $by,
        ?Density $base,
        ?Density $hardener,
        ?Density $thinner,
    ): MixRatio {
        $factor = static fn(?Density $d): float => RatioBy::Volume === $by
            ? $d?->kgPerL() ?? 1.0
            : 1.0 / ($d?->kgPerL() ?? 1.0);
        $a = $ratio->base * $factor($base);
        $b = $ratio->hardener * $factor($hardener);
        $t = ($ratio->base + $ratio->hardener) * $ratio->thinnerShare * $factor($thinner);
        $share = $t / ($a + $b);

        return $ratio->isOnePart()
            ? MixRatio::onePart($share)
            : MixRatio::of(100.0, (100.0 * $b) / $a, min(1.0, $share));
    }
}
