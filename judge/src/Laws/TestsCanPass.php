<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/**
 * 7: a test stands where it can pass: no white wipe on scale or flaking paint or before the degreasing, no salt test on
 * what is blasted afterwards, no solvent rub on a film that is gone, no test for lead once the paint is dust.
 *
 * The test patch is no matter of the order: its step prepares a hidden hand's breadth of its own, a day before.
 */
final readonly class TestsCanPass implements Law
{
    private const FILM_GONE = [
        'chemical-strip',
        'blast',
        'sand-off-film',
        'lacquer-strip',
        'fit-film-off',
        'wet-lift',
        'bath-electrolysis',
    ];

    public function breaches(Work $work): array
    {
        $breaches = [];
        $test = $work->first(['white-wipe']);
        $off = $work->first(Steps::STRIPS);
        if (
            null !== $test &&
            null !== $off &&
            $test < $off &&
            $work->has('rust:scale', 'rust:pitted', 'rust:perforated', 'old-coating:flaking')
        ) {
            $breaches[] = new Breach(7, $test, 'the white wipe on scale or flaking paint');
        }

        $degreases = $work->last(['alkaline-degrease', 'solvent-degrease', 'mild-degrease']);
        if (null !== $test && null !== $degreases && $work->has('oil') && $work->last(['white-wipe']) < $degreases) {
            $breaches[] = new Breach(7, $test, 'the white wipe before the degreasing');
        }
        $salt = $work->last(['salt-test']);
        $blasts = $work->last(['blast']);
        if (null !== $salt && null !== $blasts && $salt < $blasts) {
            $breaches[] = new Breach(7, $salt, 'the salt test before the blasting');
        }
        $rub = $work->first(['solvent-rub']);
        $gone = $work->first(self::FILM_GONE);
        if (null !== $rub && null !== $gone && $rub > $gone) {
            $breaches[] = new Breach(7, $rub, 'the solvent rub on a film that is gone');
        }

        $tests = $work->first([
            'lead-test',
            'wet-scrape',
            'wet-lift',
            'chemical-strip',
            'lacquer-strip',
            'fit-film-off',
        ]);
        $dust = $work->first(
            array_values(array_diff([...Steps::DUSTY, 'metal-sand', 'scuff', 'fit-clean'], Steps::SPOTS)),
        );
        if (
            null !== $dust &&
            null === $work->first(['make-new']) &&
            (null === $tests || $dust < $tests) &&
            $work->has('old-coating:unknown', 'untested-paint:untested')
        ) {
            $breaches[] = new Breach(7, $dust, 'dust of paint that nobody has tested');
        }

        return $breaches;
    }
}
