<?php

declare(strict_types=1);

namespace Hull\Job;

/**
 * One line of the strip-down register: what came off in one go, or was put in, under one number; in which bag, tray or
 * rack it is and where that lies.
 */
final readonly class Tag
{
    public const HELD = ['bag', 'tray', 'box', 'rack', 'loose'];

    /**
     * @param int $number on its label; given once and never again
     * @param string $what "Hatch and its screws"
     * @param string $part id of the part it came off or was put into
     * @param string|null $itself id of the part of the job that it is, where it is one
     * @param string $held one of HELD
     * @param string $lies where that is: "shelf 3, left"
     * @param int $turn the how-manyeth came off, 1 first; it goes back in reverse
     * @param non-empty-list<TaggedItem> $items
     * @param string $code what its label's square opens; unique in the yard
     */
    public function __construct(
        public int $number,
        public TagKind $kind,
        public string $what,
        public string $part,
        public ?string $itself,
        public string $held,
        public string $lies,
        public int $turn,
        public array $items,
        public string $note = '',
        public string $code = '',
    ) {}

    public function isOpen(): bool
    {
        return [] !== $this->open();
    }

    /** @return list<TaggedItem> what is not all back on, or out again */
    public function open(): array
    {
        return array_values(array_filter($this->items, static fn(TaggedItem $i): bool => $i->open() > 0));
    }

    /** @param int $done how many of the item at $at are back on, or out again */
    public function ticked(int $at, int $done): self
    {
        $items = $this->items;
        $items[$at] = $items[$at]->ticked($done);

        return $this->holding($items);
    }

    /** All of it is back on, or out again; or none of it. */
    public function all(bool $done): self
    {
        return $this->holding(
            array_map(static fn(TaggedItem $i): TaggedItem => $i->ticked($done ? $i->count : 0), $this->items),
        );
    }

    public function label(): string
    {
        return sprintf('%d %s', $this->number, $this->what);
    }

    /** @param non-empty-array<int, TaggedItem> $items */
    public function holding(array $items): self
    {
        return new self(
            number: $this->number,
            kind: $this->kind,
            what: $this->what,
            part: $this->part,
            itself: $this->itself,
            held: $this->held,
            lies: $this->lies,
            turn: $this->turn,
            items: array_values($items),
            note: $this->note,
            code: $this->code,
        );
    }
}
