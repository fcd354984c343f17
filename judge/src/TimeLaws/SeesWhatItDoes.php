<?php

declare(strict_types=1);

namespace Judge\TimeLaws;

use Judge\Breach;
use Judge\Steps;
use Judge\TimeLaw;
use Judge\Timetable;

/** 24: what goes by the eye (films, fillers, what is rubbed or wiped for them) is not done outdoors in the dark. */
final readonly class SeesWhatItDoes implements TimeLaw
{
    private const LAW = 24;
    private const BY_EYE = [
        Steps::COAT,
        'mask',
        'final-wipe',
        'sand-p80',
        'hand-sand-metal',
        'sand-off-film',
        'scuff-old',
        'scuff-coated',
        'strip-discs',
        'block-primer',
        'block-filler',
        'fill-over-metal',
        'fill-over-epoxy',
        'fill-over-coating',
        'fair-epoxy',
        'laminate-epoxy',
        'laminate-polyester',
        'regelcoat',
        'compound',
        'polish',
        'white-wipe',
        'inspect',
    ];

    public function breaches(Timetable $timetable): array
    {
        $breaches = [];
        foreach ($timetable->all() as $stint) {
            // What stops in the evening goes on in the morning.
            $end = min($stint->to, $stint->from + ($stint->isOneOf([Steps::COAT]) ? 24.0 : 1.0));
            for (
                $hour = $stint->from;
                $stint->isOneOf(self::BY_EYE) && $hour < $end - 0.02;
                $hour = floor($hour) + 1.0
            ) {
                if ($timetable->sky($stint)->isDark($hour)) {
                    $breaches[] = new Breach(self::LAW, null, $stint->words() . ' outdoors in the dark');
                    break;
                }
            }
        }

        return $breaches;
    }
}
