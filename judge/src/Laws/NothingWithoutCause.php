<?php

declare(strict_types=1);

namespace Judge\Laws;

use Judge\Breach;
use Judge\Law;
use Judge\Steps;
use Judge\Work;

/** 12: nobody does a step without its cause. */
final readonly class NothingWithoutCause implements Law
{
    /** step => what must have been found for it */
    private const CAUSES = [
        'lead-test' => ['untested-paint', 'old-coating', 'weak-film', 'antifouling'],
        'asbestos-removal' => ['asbestos'],
        'drill-tap' => ['work-due'],
        'trial-fit' => ['work-due:fit'],
        'put-decals' => ['decals'],
        'chase-threads' => ['threads'],
        'weld' => ['weld-due', 'cracks', 'holes', 'rust:perforated'],
        'open-drains' => ['drains', 'water-inside', 'soft-core'],
        'dig-out' => ['soft-core:rotten'],
        'let-out' => ['soft-core', 'water-inside'],
        'clear-cavity' => ['loose-bits', 'sealed-cavity', 'rivets'],
        'mould-kill' => ['mould', 'organic-stain'],
        'loosen' => ['seized'],
        'test-patch' => ['new-to-you'],
        'wet-scrape' => ['untested-paint', 'antifouling', 'old-coating:unknown'],
        'destain-oxalic' => ['rust-stain', 'organic-stain'],
        'whiten-peroxide' => ['yellowing'],
        'adhesive-remove' => ['adhesive', 'wrap-film'],
        'adhesive-roll' => ['adhesive', 'wrap-film'],
        'peel-wrap' => ['wrap-film'],
        'gasket-off' => ['gasket'],
        'drill-rivets' => ['rivets'],
        'wash-blush' => ['blush'],
    ];

    private const NEAR_SALT = ['underbody', 'immersion-salt', 'exterior-splash'];

    public function breaches(Work $work): array
    {
        $breaches = [];
        foreach ($work->steps as $at => $done) {
            $causes = self::CAUSES[$done->step] ?? null;
            if (null !== $causes && !$work->has(...$causes)) {
                $breaches[] = new Breach(12, $at, $done->step . ' without ' . implode(', ', $causes));
            }
        }
        // Nobody does a thing twice in a row.
        foreach ($work->steps as $at => $done) {
            if ($at > 0 && $work->steps[$at - 1]->step === $done->step && Steps::COAT !== $done->step) {
                $breaches[] = new Breach(12, $at, $done->step . ' twice in a row');
            }
        }
        // Steps of which each undoes the other: nothing is unmasked that was not masked.
        foreach ($work->where(Steps::UNMASKS) as $at) {
            $masked = $work->first(['mask']);
            if (null === $masked || $masked > $at) {
                $breaches[] = new Breach(12, $at, 'unmasked without being masked');
            }
        }
        // No salt test far from salt.
        if (!in_array($work->service, self::NEAR_SALT, true) && !$work->has('salt')) {
            foreach ($work->where(['salt-test']) as $at) {
                $breaches[] = new Breach(12, $at, 'a salt test far from salt');
            }
        }
        // Who said what stays bare, and it is bores alone, or nothing at all, has nothing to tape.
        $said = array_filter($work->found, static fn(string $f): bool => str_starts_with($f, 'stays-bare:'));
        $plugged = null === $work->first([Steps::PLUGS]) ? [] : ['stays-bare:bore', 'stays-bare:thread'];
        if ([] !== $said && [] === array_diff($said, ['stays-bare:nothing', ...$plugged])) {
            foreach ($work->where(['mask']) as $at) {
                $breaches[] = new Breach(12, $at, 'masked where nothing is taped');
            }
        }

        return $breaches;
    }
}
