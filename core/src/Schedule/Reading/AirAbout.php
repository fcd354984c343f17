<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Workpiece;
use Hull\Piece\Stand;
use Hull\Route\StepRunner;
use Hull\Schedule\Constraint\Airs;

/** What the air does for a part wherever it comes to be. */
final class AirAbout
{
    /** @var array<string, StepAir> by stand */
    private array $known = [];

    public function __construct(
        private readonly Workpiece $piece,
        private readonly StepRunner $runner,
        private readonly Airs $airs,
    ) {}

    public function at(Stand $stand): StepAir
    {
        return $this->known[$stand->key()] ??= new StepAir($this->piece, $this->runner, $this->airs, $stand);
    }
}
