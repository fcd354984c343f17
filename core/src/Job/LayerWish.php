<?php

declare(strict_types=1);

namespace Hull\Job;

/** What was decided by hand for one layer of a part's film: another product in its place, its colour, its texture. */
final readonly class LayerWish
{
    /**
     * @param string $layer id of the product that the film system lays there
     * @param string|null $instead id of the product laid in its place; null for the system's own
     * @param string $colour in the yard's words, such as "signal red"; empty where it does not matter
     * @param string $texture id of a texture of the product; empty for its usual one
     */
    public function __construct(
        public string $layer,
        public ?string $instead = null,
        public string $colour = '',
        public string $texture = '',
    ) {}

    /** The product that is laid. */
    public function product(): string
    {
        return $this->instead ?? $this->layer;
    }
}
