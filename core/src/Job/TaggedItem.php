<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Quantity\Message;

/** Things of one sort on a tag, counted. */
final readonly class TaggedItem
{
    /**
     * @param string $what "countersunk screw", "silicone plug"
     * @param string $size as on the box, "M4 x 12"; empty where it has none
     * @param int $count how many came off or went in, 1 and more
     * @param int $done how many of them are back on or out again
     * @param string|null $expected day on which what was ordered should be here, YYYY-MM-DD; null where nobody said
     */
    public function __construct(
        public string $what,
        public string $size = '',
        public int $count = 1,
        public ItemState $state = ItemState::Reuse,
        public int $done = 0,
        public ?string $expected = null,
    ) {}

    public function open(): int
    {
        return $this->count - $this->done;
    }

    public function ticked(int $done): self
    {
        return new self($this->what, $this->size, $this->count, $this->state, $done, $this->expected);
    }

    /** @param string $day YYYY-MM-DD */
    public function expectedOn(string $day): self
    {
        return new self($this->what, $this->size, $this->count, $this->state, $this->done, $day);
    }

    /** "2 of 6 × countersunk screw M4 x 12" */
    public function words(): Message
    {
        $what = trim($this->what . ' ' . $this->size);

        return 0 === $this->done
            ? Message::of('{count} × {what}', count: $this->count, what: $what)
            : Message::of('{open} of {count} × {what}', open: $this->open(), count: $this->count, what: $what);
    }
}
