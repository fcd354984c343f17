<?php

declare(strict_types=1);

namespace App\Api\View;

/** A layer of the film that is planned, and what can be decided about it by hand. */
final readonly class FilmLayerView
{
    /**
     * @param string $layer id of the product that the film system lays there
     * @param string $product id of what is laid in fact
     * @param list<Option> $products what may be laid there, the system's own first
     * @param bool $coloured it can have a colour
     * @param string $texture id; empty for the usual one
     * @param list<Option> $textures it can be laid in; empty where there is no choice
     */
    public function __construct(
        public string $layer,
        public string $product,
        public string $name,
        public int $coats,
        public string $role,
        public array $products,
        public bool $coloured,
        public string $colour,
        public string $texture,
        public array $textures,
    ) {}
}
