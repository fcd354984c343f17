<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** The films that protect a substrate in a service, bottom to top. */
final readonly class FilmSystem
{
    /**
     * @param list<string>                $substrates families
     * @param list<string>                $services
     * @param list<string>                $finishes
     * @param array<string, list<string>> $schools
     * @param list<SystemLayer>           $layers
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $substrates,
        public array $services,
        public array $finishes,
        public array $schools,
        public array $layers,
        public string $why,
        public string $life,
    ) {
    }

    /** @return list<Product> one entry per coat, bottom to top */
    public function coats(): array
    {
        $coats = [];
        foreach ($this->layers as $layer) {
            for ($i = 0; $i < $layer->coats; ++$i) {
                $coats[] = $layer->product;
            }
        }

        return $coats;
    }
}
