<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** Tells what a part may be made of from what was tried on it: magnet, bend, scratch. */
final class Telling
{
    /**
     * @param array<string, string> $signs question => answer
     *
     * @return list<array{Substrate, int}> materials that no sign speaks against, those with the most signs first; with how many fit
     */
    public static function fitting(Catalogue $catalogue, array $signs): array
    {
        $fitting = [];
        foreach ($catalogue->substrates as $substrate) {
            $fits = 0;
            foreach ($signs as $question => $answer) {
                if (!in_array($answer, $substrate->signs[$question] ?? [], true)) {
                    continue 2;
                }
                ++$fits;
            }
            // A material that allows fewer other answers is the surer guess.
            $fitting[] = [$substrate, $fits, array_sum(array_map(static fn (string $q): int => count($substrate->signs[$q] ?? []), array_keys($signs)))];
        }
        usort($fitting, static fn (array $a, array $b): int => [$a[2], $a[0]->id] <=> [$b[2], $b[0]->id]);

        return array_map(static fn (array $f): array => [$f[0], $f[1]], $fitting);
    }
}
