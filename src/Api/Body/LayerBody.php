<?php

declare(strict_types=1);

namespace App\Api\Body;

/** What is decided by hand about one layer of a film. */
final readonly class LayerBody
{
    /**
     * @param string $layer id of the product that the film system lays there
     * @param string|null $instead id of a product of the same sort; null for the system's own
     * @param string|null $texture id of a texture of the product; null for its usual one
     */
    public function __construct(
        public string $layer,
        public ?string $instead = null,
        public ?string $colour = null,
        public ?string $texture = null,
    ) {}
}
