<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 6: masking follows the last dusty or wet work and precedes the last wipe; no clear locks the tape of a line in. */
final readonly class MaskedBetween implements Law
{
    private const NOT_AFTER = [...Steps::DUSTY, ...Steps::WETS, ...Steps::BATHS, 'blow-off'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->where(['mask-line']) as $at) {
            foreach (array_slice($work->steps, $at + 1, null, true) as $later => $done) {
                if ($done->isOneOf([Steps::PULLS, ...Steps::UNMASKS])) {
                    break;
                }
                if ($done->isOneOf([Steps::COAT]) && in_array($done->product, FilmsGoTogether::CLEAR, true)) {
                    $breaches[] = new Breach(6, $later, 'clear over the tape of the line');
                    break;
                }
            }
        }
        foreach ($work->where(['mask', 'mask-line']) as $at) {
            $coat = null;
            foreach (array_slice($work->steps, 0, $at, true) as $before => $done) {
                $coat = $done->isOneOf([Steps::COAT]) ? $before : ($done->isOneOf(Steps::WAITS) ? null : $coat);
            }
            if (null !== $coat) {
                $breaches[] = new Breach(6, $at, 'taped on a wet film');
            }
        }
        foreach ($work->where(['mask']) as $at) {
            foreach (array_slice($work->steps, $at + 1, null, true) as $later => $done) {
                if ($done->isOneOf([Steps::COAT, ...Steps::UNMASKS])) {
                    break;
                }
                if ($done->isOneOf(self::NOT_AFTER)) {
                    $breaches[] = new Breach(6, $at, 'masked, then ' . $done->step);
                    break;
                }
            }
            $wipe = $at > 0 ? $work->steps[$at - 1] : null;
            if (true === $wipe?->isOneOf(Steps::WIPES)) {
                $breaches[] = new Breach(6, $at, 'wiped, then masked');
            }
        }

        return $breaches;
    }
}
