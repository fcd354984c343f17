<?php

declare(strict_types=1);

namespace App\Api\View;

/** A material of the store with its tins. */
final readonly class MaterialView
{
    /**
     * @param list<TinLineView> $tins
     * @param list<string> $usedBy
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $example,
        public string $kind,
        public string $hatch,
        public string $shelf,
        public Value $total,
        public Value $needed,
        public Value $missing,
        public array $tins,
        public array $usedBy,
    ) {}
}
