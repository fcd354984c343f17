<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Input\Keys;

/** Tells what a part may be made of from what was tried on it: magnet, bend, scratch. */
final class MaterialIdentification
{
    /**
     * @param array<int|string, string> $signs question => answer
     *
     * @return list<Substrate> materials that no sign speaks against, the surest guess first
     */
    public static function fitting(Catalogue $catalogue, array $signs): array
    {
        $fitting = [];
        foreach ($catalogue->substrates as $substrate) {
            foreach ($signs as $question => $answer) {
                if (!in_array($answer, $substrate->signs[$question] ?? [], true)) {
                    continue 2;
                }
            }
            // A material that allows fewer other answers is the surer guess.
            $fitting[] = [
                $substrate,
                array_sum(array_map(static fn(string $q): int => count($substrate->signs[$q] ?? []), Keys::of($signs))),
            ];
        }
        usort($fitting, static fn(array $a, array $b): int => [$a[1], $a[0]->id] <=> [$b[1], $b[0]->id]);

        return array_map(static fn(array $f): Substrate => $f[0], $fitting);
    }
}
