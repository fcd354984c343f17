<?php

declare(strict_types=1);

namespace Judge;

/** A part of a piece as somebody surveyed it: of what, where, and what it hangs on. */
final readonly class Member
{
    /**
     * @param string|null $zoneOf the part it is a zone of
     * @param list<array{string, string, bool, bool}> $ties how (mounted-on, covers, seals, inside, bonded-to, beside),
     *                                                      on what, whether it stays on, whether its joint carries load
     * @param array{int, int, int}|null $turn inside 0 or outside 1, minus its level, how near to the way out
     * @param bool $isSafety brakes, steering, lifting, seat belts
     * @param list<string> $signs what somebody has to sign for before it goes on, in words
     */
    public function __construct(
        public string $id,
        public string $substrate,
        public string $place = '',
        public ?string $zoneOf = null,
        public array $ties = [],
        public ?array $turn = null,
        public bool $isSafety = false,
        public array $signs = [],
    ) {}

    public function whole(): string
    {
        return $this->zoneOf ?? $this->id;
    }
}
