<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A sort of place on a part that stays bare or clean, and by what it is covered. */
final readonly class Covering
{
    public const BY = ['plug', 'tape', 'film', 'line'];
    /** Said of a part on which nothing stays bare. */
    public const NOTHING = 'nothing';
    public const SIZES = ['across', 'along'];

    /**
     * @param string $by one of BY: what covers it; or NOTHING
     * @param array<int|string, string> $sizes which of SIZES it is measured by, and at how much one begins
     * @param string|null $brings fact that it leaves on the part until it is covered
     * @param list<string> $families of materials on which it does
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $by,
        public array $sizes,
        public string $hint,
        public ?string $brings,
        public array $families,
    ) {}
}
