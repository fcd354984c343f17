<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/**
 * 7: a test stands where it can pass: no white wipe on scale or flaking paint.
 *
 * The test patch is no matter of the order: its step prepares a hidden hand's breadth of its own, a day before.
 */
final readonly class TestsCanPass implements Law
{
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

        return $breaches;
    }
}
