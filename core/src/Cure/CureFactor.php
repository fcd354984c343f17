<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Climate\Air;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Interpolation;
use Hull\Quantity\InvalidQuantity;

/** What stretches or shortens a cure beside temperature: damp air and a thick film. */
final class CureFactor
{
    public const KINDS = ['solvent', 'moisture-cure', 'water-borne', 'amine-epoxy'];
    private const MOISTURE_SPEED = [3 => 0.5, '8.6' => 1.0, 15 => 1.6];
    private const MOISTURE_STALL_RH = 0.3;
    private const WATER_STOP_RH = 0.85;

    /** Whether damp air changes how fast a kind of film cures. */
    public static function mindsHumidity(string $kind): bool
    {
        return 'moisture-cure' === $kind || 'water-borne' === $kind;
    }

    /** Factor on the sheet's hours; null when the film stalls. */
    public static function humidity(string $kind, Air $air): ?float
    {
        $rh = $air->humidity->value();
        if ('moisture-cure' === $kind) {
            return $rh < self::MOISTURE_STALL_RH
                ? null
                : 1.0 / Interpolation::held(self::MOISTURE_SPEED, $air->absoluteHumidity()->gPerM3());
        }
        if ('water-borne' === $kind) {
            return $rh > self::WATER_STOP_RH ? null : max(1.0, 1.0 - $rh > 0.0 ? 0.5 / (1.0 - $rh) : \INF);
        }

        return 1.0;
    }

    /** An amine epoxy blushes under 10 C or over 85 %: it still cures, but must be washed before the next film. */
    public static function blushes(string $kind, Air $air): bool
    {
        return 'amine-epoxy' === $kind && ($air->temperature->c() < 10.0 || $air->humidity->value() > 0.85);
    }

    /** (DFT / DFT of the sheet)^2 for a film thicker than the sheet's, by solvent release; an estimate. */
    public static function thickness(FilmThickness $film, FilmThickness $sheet): float
    {
        if ($sheet->um() <= 0.0) {
            throw new InvalidQuantity('The film thickness of the sheet is zero.', 'a film thickness above 0 um');
        }

        return max(1.0, ($film->um() / $sheet->um()) ** 2);
    }
}
