<?php

declare(strict_types=1);

namespace Hull\Job;

/** Where on its piece a zone lies, as far as it decides what is done first. */
final readonly class Spot
{
    public const OUTSIDE = 'outside';
    public const INSIDE = 'inside';

    /**
     * @param int $level 0 at the bottom; what is higher is done first, since everything runs and falls down
     * @param string $side inside is done before outside
     * @param int $exit how near to the way out, the ladder or the door; what one stands on last is done last
     */
    public function __construct(public int $level = 0, public string $side = self::OUTSIDE, public int $exit = 0) {}

    /** @return array{int, int, int} the lesser is done first */
    public function turn(): array
    {
        return [self::INSIDE === $this->side ? 0 : 1, -$this->level, $this->exit];
    }
}
