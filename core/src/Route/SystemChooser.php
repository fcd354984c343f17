<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\FilmSystem;
use Hull\Catalog\Scope;
use Hull\Catalog\Traits;

/**
 * Picks the film system for a substrate, service and finish: of those the workshop can lay, the first in catalogue
 * order that goes against the fewest schools.
 */
final class SystemChooser
{
    /** So many default answers weigh as much as one picked by hand. */
    private const PICKED = 20;

    /**
     * @param array<int|string, string> $schools every question answered
     * @param array<int|string, string> $picked those answered by hand, which weigh more
     *
     * @throws NoRoute
     */
    public static function choose(Traits $traits, array $schools, array $picked): FilmSystem
    {
        $service = $traits->catalogue->services[$traits->service];
        if (!$service->suits($traits->substrate)) {
            throw new NoRoute(
                sprintf(
                    '%s is not for the service "%s": %s',
                    $traits->substrate->name,
                    $service->name,
                    $service->whyNot,
                ),
            );
        }
        $best = null;
        $fewest = \PHP_INT_MAX;
        $lacking = [];
        foreach ($traits->catalogue->systems as $system) {
            $scope = $system->scope;
            if (
                !(new Scope($scope->families, $scope->except, $scope->services, $scope->finishes))->covers(
                    $traits->substrate,
                    $traits->service,
                    $traits->finish,
                    static fn(string $q): string => '',
                )
            ) {
                continue;
            }
            $lacks = array_intersect($system->requires, $traits->without);
            if ([] !== $lacks) {
                $lacking = [...$lacking, ...$lacks];
                continue;
            }
            $against = self::against($traits, $scope, $schools, $picked);
            if ($against < $fewest) {
                [$best, $fewest] = [$system, $against];
            }
        }

        return $best ?? throw new NoRoute(self::none($traits, $lacking));
    }

    /**
     * @param array<int|string, string> $schools
     * @param array<int|string, string> $picked
     */
    private static function against(Traits $traits, Scope $scope, array $schools, array $picked): int
    {
        $against = 0;
        foreach ($scope->schools as $question => $answers) {
            $asked = $traits->substrate->isOf($traits->catalogue->schools[$question]->families);
            $against +=
                !$asked || in_array($schools[$question] ?? '', $answers, true)
                    ? 0
                    : (isset($picked[$question])
                        ? self::PICKED
                        : 1);
        }

        return $against;
    }

    /** @param list<string> $lacking */
    private static function none(Traits $traits, array $lacking): string
    {
        $where = sprintf(
            '%s in the service "%s" with the finish "%s"',
            lcfirst($traits->substrate->name),
            $traits->catalogue->services[$traits->service]->name,
            $traits->catalogue->finishes[$traits->finish]->name,
        );
        if ([] === $lacking) {
            return sprintf('There is no film system yet for %s.', $where);
        }
        $names = array_map(
            static fn(string $id): string => $traits->catalogue->limits[$id]->name,
            array_values(array_unique($lacking)),
        );

        return sprintf(
            'Every film system for %s asks for something this workshop does without: %s.',
            $where,
            implode(', ', $names),
        );
    }
}
