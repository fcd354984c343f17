<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Quantity\Message;

/** One step of one part comes before a step of another part of the same piece, and why. */
final readonly class Precedence
{
    /**
     * @param string $before id of the part with the earlier step
     * @param string $beforeKey key of that step in its route
     * @param int $law number of the law of the work it keeps
     * @param bool $orTogether both may also be done in one go
     * @param bool $asOne both are done in one go wherever that is possible; it says nothing of hours
     */
    public function __construct(
        public string $before,
        public string $beforeKey,
        public string $after,
        public string $afterKey,
        public string|Message $because,
        public int $law,
        public Ready $ready = Ready::Done,
        public bool $orTogether = false,
        public bool $asOne = false,
    ) {}

    public function id(): string
    {
        return $this->before . '/' . $this->beforeKey . '>' . $this->after . '/' . $this->afterKey;
    }
}
