<?php

declare(strict_types=1);

namespace App\Api\View;

/** One of two routes side by side. */
final readonly class WayView
{
    /**
     * @param list<LayerView> $layers
     * @param list<string> $gear
     * @param list<string> $wear
     */
    public function __construct(
        public string $title,
        public string $system,
        public FiguresView $figures,
        public array $layers,
        public array $gear,
        public array $wear,
    ) {}
}
