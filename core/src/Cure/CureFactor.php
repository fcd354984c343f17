<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Quantity\FilmThickness;
use Hull\Quantity\InvalidQuantity;

/** What stretches a cure beside the air: a thick film. */
final class CureFactor
{
    /** (DFT / DFT of the sheet)^2 for a film thicker than the sheet's, by solvent release; an estimate. */
    public static function thickness(FilmThickness $film, FilmThickness $sheet): float
    {
        if ($sheet->um() <= 0.0) {
            throw new InvalidQuantity('The film thickness of the sheet is zero.', 'a film thickness above 0 um');
        }

        return max(1.0, ($film->um() / $sheet->um()) ** 2);
    }
}
