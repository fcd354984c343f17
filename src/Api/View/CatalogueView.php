<?php

declare(strict_types=1);

namespace App\Api\View;

/** Everything the survey offers. */
final readonly class CatalogueView
{
    /**
     * @param list<SubstrateView> $substrates
     * @param list<ConditionView> $conditions
     * @param list<ServiceView> $services
     * @param list<Option> $finishes
     * @param list<Option> $placeKinds
     * @param list<Option> $hazards
     * @param list<Option> $signs
     * @param list<Option> $limits
     * @param list<Option> $methods
     * @param list<Option> $waterLies
     * @param list<Option> $inSun how dark a part is
     * @param list<Option> $relations how a part hangs together with another
     * @param list<Option> $keeps how a part is kept while it is worked and cures
     * @param list<CoveringView> $coverings what of a part stays bare or clean
     * @param list<SchoolView> $schools
     * @param list<ShapeKind> $shapes
     * @param list<Option> $steps
     */
    public function __construct(
        public array $substrates,
        public array $conditions,
        public array $services,
        public array $finishes,
        public array $placeKinds,
        public array $hazards,
        public array $signs,
        public array $limits,
        public array $methods,
        public array $waterLies,
        public array $inSun,
        public array $relations,
        public array $coverings,
        public array $keeps,
        public array $schools,
        public array $shapes,
        public array $steps,
    ) {}
}
