<?php

declare(strict_types=1);

namespace Judge;

/** Sheets of the films as a master has them in his drawer. */
final class Sheets
{
    /**
     * Coldest to hottest C to put it on; then hours at 10, 20 and 30 C until it is touch dry; takes the next coat; no
     * longer does ("-": it always does); bears rain ("-": when it takes the next coat).
     */
    private const FILMS = [
        'self-etch' => '10 to 32 | 0.4 0.2 0.1 | 0.6 0.3 0.2 | 24 24 12 | -',
        'wash-primer' => '10 to 30 | 0.3 0.2 0.1 | 1 0.5 0.3 | 8 8 4 | -',
        'epoxy-primer-2k' => '10 to 35 | 5 2 1 | 8 3 1.5 | 168 72 36 | -',
        'epoxy-primer-fast' => '10 to 35 | 3 1 0.5 | 3 1 0.5 | 96 48 24 | -',
        'zinc-rich' => '5 to 40 | 2 1 0.5 | 12 6 3 | 720 720 360 | -',
        'surfacer-2k' => '12 to 35 | 0.7 0.4 0.2 | 0.4 0.25 0.15 | 24 12 6 | -',
        'filler-primer-1k' => '12 to 32 | 0.6 0.3 0.2 | 0.4 0.25 0.15 | 2 1 0.7 | - | again',
        'adhesion-promoter' => '12 to 32 | 0.2 0.1 0.1 | 0.2 0.1 0.1 | 0.7 0.5 0.3 | -',
        'primer-sealer-2k' => '12 to 35 | 0.6 0.4 0.2 | 0.5 0.3 0.2 | 36 24 12 | -',
        'alkyd-primer' => '8 to 35 | 6 3 2 | 24 12 8 | 168 168 168 | 12 6 4',
        'body-filler' => '12 to 32 | 0.5 0.3 0.2 | 0.8 0.4 0.25 | - | -',
        'spot-putty' => '12 to 32 | 0.4 0.25 0.15 | 0.6 0.3 0.2 | - | -',
        'epoxy-putty' => '10 to 35 | 8 4 2 | 24 12 6 | 24.1 12.1 6.1 | -',
        'flexible-epoxy-filler' => '10 to 35 | 10 5 3 | 36 18 9 | 36.1 18.1 9.1 | -',
        'fairing-compound' => '10 to 35 | 12 6 3 | 36 18 9 | 48 24 12 | -',
        'alkyd-enamel' => '8 to 32 | 8 4 3 | 24 16 8 | 48 48 48 | 16 8 5',
        'dtm-enamel' => '8 to 32 | 6 3 2 | 24 16 8 | 48 48 48 | 16 8 5',
        'enamel-aerosol' => '10 to 32 | 1.5 0.7 0.4 | 0.5 0.25 0.15 | 1.5 1 0.6 | - | again',
        'acrylic-lacquer' => '10 to 32 | 0.4 0.2 0.1 | 0.3 0.15 0.1 | 24 24 24 | -',
        'urethane-colour-2k' => '12 to 35 | 1 0.5 0.3 | 0.5 0.3 0.2 | 24 16 8 | 8 4 2',
        'clear-2k' => '12 to 35 | 1 0.5 0.3 | 0.4 0.25 0.15 | 16 12 6 | 8 4 2',
        'clear-2k-aerosol' => '12 to 32 | 0.8 0.4 0.3 | 0.3 0.2 0.1 | 1.5 1 0.7 | 8 4 2',
        'marine-pu' => '10 to 30 | 6 3 2 | 16 8 5 | 72 48 24 | 12 6 4',
        'topside-1k' => '10 to 30 | 8 4 2 | 24 16 8 | 72 48 24 | 16 8 5',
        'mcu-encapsulator' => '5 to 32 | 5 3 2 | 5 3 2 | 10 6 4 | -',
        'epoxy-lining' => '12 to 32 | 10 5 3 | 12 6 4 | 36 24 12 | -',
        'epoxy-mastic' => '5 to 35 | 10 5 3 | 24 12 6 | 720 336 168 | -',
        'textured-liner' => '12 to 35 | 1.5 0.8 0.5 | 1 0.7 0.5 | 24 24 12 | 8 4 2',
        'peelable-film' => '12 to 35 | 0.8 0.4 0.3 | 0.6 0.4 0.25 | - | 4 2 1',
        'elastomeric-roof' => '10 to 38 | 4 2 1 | 12 6 3 | 168 168 72 | 24 8 4',
        'silicone-roof' => '5 to 45 | 4 2 1 | 8 4 2 | 48 48 24 | 2 1 0.5',
        'ceramic-oven' => '15 to 30 | 0.5 0.3 0.2 | 1 0.6 0.4 | 8 6 4 | -',
        'high-heat-silicone' => '10 to 32 | 0.7 0.4 0.2 | 0.5 0.3 0.2 | 1.5 1 1 | -',
        'cavity-wax' => '10 to 40 | 192 96 36 | 240 120 48 | - | 8 4 2',
        'underseal' => '8 to 30 | 6 3 2 | 12 6 4 | - | 12 6 4',
        'vinyl-dye' => '12 to 32 | 0.3 0.2 0.1 | 0.2 0.15 0.1 | 24 24 24 | -',
        'tie-barrier' => '10 to 30 | 8 4 2 | 12 6 3 | 96 72 36 | -',
        'spar-varnish' => '10 to 30 | 10 6 4 | 24 16 10 | 72 48 36 | 16 8 5',
        'clear-lacquer' => '10 to 32 | 0.4 0.2 0.1 | 0.3 0.15 0.1 | 24 24 24 | -',
    ];
    public const TOUCH = 1;
    public const TAKES = 2;
    public const CLOSES = 3;
    public const RAIN = 4;
    /** Oil and wax lie on a damp morning as on any other. */
    private const NO_DEW = ['cavity-wax'];

    /** @return array{float, float} coldest and hottest to put it on, C */
    public static function air(string $product): array
    {
        [$least, $most] = explode(' to ', self::cells($product)[0]);

        return [(float) $least, (float) $most];
    }

    public static function mindsDew(string $product): bool
    {
        return !in_array($product, self::NO_DEW, true);
    }

    /** Its window is a gap: closed for a while, then open again. */
    public static function opensAgain(string $product): bool
    {
        return 'again' === (self::cells($product)[5] ?? '');
    }

    /** Hours at a temperature; null where the sheet has no such row. Straight lines in the logarithm. */
    public static function hours(string $product, int $row, float $c): ?float
    {
        $cell = self::cells($product)[$row] ?? '-';
        if ('-' === $cell) {
            return null;
        }
        $at = array_map(floatval(...), explode(' ', $cell));
        $i = $c < 20.0 ? 0 : 1;
        $share = min(2.0, ($c - 10.0 * ($i + 1)) / 10.0);

        return exp(log($at[$i]) + $share * (log($at[$i + 1]) - log($at[$i])));
    }

    /** @return non-empty-list<string> */
    private static function cells(string $product): array
    {
        return explode(' | ', self::FILMS[$product] ?? throw new \LogicException('No sheet of ' . $product . '.'));
    }
}
