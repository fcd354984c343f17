<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** What a part is made of. */
final readonly class Substrate
{
    /**
     * @param list<string> $families
     * @param string $kin galvanic group; unlike groups touching each other corrode
     * @param array<int|string, list<string>> $signs question of the helper => answers this material gives
     * @param string $mass how it follows the air, see PartLag: sheet, hull-laminate, casting
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $families,
        public string $tell,
        public string $hatch,
        public string $kin = 'none',
        public array $signs = [],
        public string $mass = 'sheet',
    ) {}

    /** @param list<string> $families empty for all */
    public function isOf(array $families): bool
    {
        foreach ($families as $family) {
            if (in_array($family, $this->families, true)) {
                return true;
            }
        }

        return [] === $families;
    }
}
