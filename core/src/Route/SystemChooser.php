<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Substrate;

/** Picks the film system for a substrate, service and finish: the first in catalogue order that fits the schools. */
final class SystemChooser
{
    /**
     * @param array<string, string> $schools
     *
     * @throws NoRoute
     */
    public static function choose(Catalogue $catalogue, Substrate $substrate, string $service, string $finish, array $schools): FilmSystem
    {
        foreach ($catalogue->systems as $system) {
            $fits = [] !== array_intersect($system->substrates, $substrate->families) && in_array($service, $system->services, true) && in_array($finish, $system->finishes, true);
            foreach ($system->schools as $question => $answers) {
                $fits = $fits && in_array($schools[$question] ?? $catalogue->schools[$question]->default(), $answers, true);
            }
            if ($fits) {
                return $system;
            }
        }
        throw new NoRoute(sprintf('There is no film system yet for %s in the service "%s" with the finish "%s".', $substrate->name, $catalogue->services[$service]->name, $catalogue->finishes[$finish]->name));
    }
}
