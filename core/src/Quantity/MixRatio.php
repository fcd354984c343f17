<?php

declare(strict_types=1);

namespace Hull\Quantity;

/**
 * Parts base : hardener (: thinner as a share of base and hardener). "4:1+10 %" or "4:1:10 %"; "4:1:1" is a third part
 * counted like the others; a one-part product is "1".
 */
final readonly class MixRatio
{
    public const ACCEPTED = 'a ratio with parts above zero such as 4:1, 2:1, 4:1+10 %, 4:1:1 or 100:2';

    private function __construct(public float $base, public float $hardener, public float $thinnerShare) {}

    /**
     * @param float $base parts A, above 0
     * @param float $hardener parts B, above 0 (0 only for a one-part product, see onePart)
     * @param float $thinnerShare share of A + B, 0 to 1
     */
    public static function of(float $base, float $hardener, float $thinnerShare = 0.0): self
    {
        if ($base <= 0.0 || $hardener <= 0.0 || !is_finite($base) || !is_finite($hardener)) {
            throw new InvalidQuantity(
                sprintf('The ratio %g:%g has a part that is not above zero.', $base, $hardener),
                self::ACCEPTED,
            );
        }
        if ($thinnerShare < 0.0 || $thinnerShare > 1.0) {
            throw new InvalidQuantity(
                sprintf('%.4g %% thinner is outside 0 %% to 100 %%.', $thinnerShare * 100),
                self::ACCEPTED,
            );
        }

        return new self($base, $hardener, $thinnerShare);
    }

    public static function onePart(float $thinnerShare = 0.0): self
    {
        return new self(1.0, 0.0, $thinnerShare);
    }

    public static function parse(string $text): self
    {
        // "4 to 1", "4 parts to 1", "4 / 1" and "4∶1" are 4:1; a decimal comma is a point.
        $plain = (string) preg_replace(
            ['/(?<=[0-9])\s*(?:parts?)?\s*(?:to|\/|∶|：)\s*(?=[0-9])/ui', '/(?<=[0-9]),(?=[0-9])/', '/\s*parts?\s*$/i'],
            [':', '.', ''],
            $text,
        );
        if (
            1 !==
            preg_match(
                '/^\s*([0-9]+(?:\.[0-9]+)?)\s*:\s*([0-9]+(?:\.[0-9]+)?)\s*' .
                    '(?:[:+]\s*([0-9]+(?:\.[0-9]+)?)\s*(%?)\s*)?$/',
                $plain,
                $m,
            )
        ) {
            throw new InvalidQuantity(sprintf('"%s" is not a mix ratio.', trim($text)), self::ACCEPTED);
        }

        $third = (float) ($m[3] ?? 0);
        $whole = (float) $m[1] + (float) $m[2];

        return self::of(
            (float) $m[1],
            (float) $m[2],
            '%' === ($m[4] ?? '%') ? $third / 100 : ($whole > 0.0 ? $third / $whole : 0.0),
        );
    }

    public function isOnePart(): bool
    {
        return 0.0 === $this->hardener;
    }

    /** @param int $figures as it is, unless it was worked out from densities: then three say what is known */
    public function text(int $figures = 9): string
    {
        $ratio = $this->isOnePart()
            ? 'one part'
            : sprintf('%s:%s', self::number($this->base, $figures), self::number($this->hardener, $figures));

        return $this->thinnerShare > 0.0
            ? sprintf('%s + %s %%', $ratio, self::number($this->thinnerShare * 100, $figures))
            : $ratio;
    }

    private static function number(float $value, int $figures): string
    {
        $decimals = max(0, $figures - 1 - (int) floor(log10(max(1e-9, abs($value)))));

        return (string) round($value, $decimals);
    }
}
