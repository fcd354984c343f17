<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Catalog\Step;
use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Job\Relation;
use Hull\Job\Tag;
use Hull\Job\TaggedItem;
use Hull\Job\TagKind;
use Hull\Quantity\Message;

/**
 * The strip-down register of a job: read forwards while it comes apart, backwards while it goes together again; it says
 * what has to be back before what, and what is left over or still inside before a cavity is closed.
 */
final class Register
{
    /** @var array<int|string, Part> by id */
    private array $parts = [];

    private readonly Pieces $pieces;

    /**
     * @param list<Tag> $tags
     * @param iterable<Part> $parts of the job
     */
    public function __construct(private readonly array $tags, iterable $parts)
    {
        foreach ($parts as $part) {
            $this->parts[$part->id] = $part;
        }
        $this->pieces = new Pieces($this->parts);
    }

    /** @return list<Tag> as it came apart */
    public function forwards(): array
    {
        $tags = $this->tags;
        usort($tags, static fn(Tag $a, Tag $b): int => [$a->turn, $a->number] <=> [$b->turn, $b->number]);

        return $tags;
    }

    /** @return list<Tag> as it goes together: what was put in comes out first, then the last off is the first on */
    public function backwards(): array
    {
        $tags = array_reverse($this->forwards());
        $kind = static fn(Tag $t): int => TagKind::In === $t->kind ? 0 : 1;
        usort($tags, static fn(Tag $a, Tag $b): int => $kind($a) <=> $kind($b));

        return $tags;
    }

    /**
     * What has to be back on, or out again, before this goes on: what came off the same part after it, and what was put
     * in where it closes.
     *
     * @return list<Tag>
     */
    public function before(Tag $tag): array
    {
        if (TagKind::In === $tag->kind) {
            return [];
        }
        $there = $this->reached($tag->part);

        return array_values(
            array_filter(
                $this->tags,
                static fn(Tag $t): bool => $t->number !== $tag->number &&
                    $t->isOpen() &&
                    (TagKind::In === $t->kind
                        ? in_array($t->part, [...$there, $tag->itself], true)
                        : in_array($t->part, $there, true) && $t->turn > $tag->turn),
            ),
        );
    }

    /**
     * What stands against closing, putting together or handing over a part now, in words; empty where nothing does.
     *
     * @param string $part id of the part the step is done on
     *
     * @return list<Message>
     */
    public function against(Step $step, string $part): array
    {
        if (!$step->worked->closes || !isset($this->parts[$part])) {
            return [];
        }
        if ($step->isClosing()) {
            return array_map($this->says(...), $this->openOf($this->pieceOf($part)));
        }
        $hosts = [];
        foreach ($this->parts[$part]->links as $link) {
            if ($link->comesOff()) {
                $hosts = [...$hosts, ...$this->reached($link->to)];
            }
        }
        $own = $this->tagOf($part);
        $open = null === $own ? $this->openOf($hosts, TagKind::In) : $this->before($own);

        return array_map($this->says(...), $open);
    }

    /**
     * What is ordered that a step has to wait for: what the part itself goes back on with, and, where the piece is
     * handed over, all that came off it; of several what comes last.
     *
     * @param string $part id of the part the step is done on
     */
    public function awaited(Step $step, string $part): ?TaggedItem
    {
        $own = $this->tagOf($part);
        $tags = match (true) {
            !isset($this->parts[$part]) => [],
            $step->isClosing() => $this->openOf($this->pieceOf($part)),
            $step->worked->putsOn && null !== $own && $own->isOpen() => [$own],
            default => [],
        };
        $last = null;
        foreach (array_merge([], ...array_map(static fn(Tag $t): array => $t->open(), $tags)) as $item) {
            $last = null !== $item->expected && $item->expected > ($last->expected ?? '') ? $item : $last;
        }

        return $last;
    }

    /** The tag of what is a part of the job itself. */
    private function tagOf(string $part): ?Tag
    {
        return array_values(array_filter($this->tags, static fn(Tag $t): bool => $t->itself === $part))[0] ?? null;
    }

    /** @return list<Message> what is to be had before it can go together: to replace, and ordered */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->forwards() as $tag) {
            foreach ($tag->open() as $item) {
                if ($item->state->isMissing()) {
                    $wanted = Message::of(
                        '{item} (tag {tag}): {state}',
                        item: $item->words(),
                        tag: $tag->number,
                        state: Message::of($item->state->words()),
                    );
                    $missing[] =
                        null === $item->expected
                            ? $wanted
                            : Message::of(
                                '{item}, expected {day}',
                                item: $wanted,
                                day: (new \DateTimeImmutable($item->expected))->format('j M'),
                            );
                }
            }
        }

        return $missing;
    }

    /** @return list<array{Part, Link, Part}> what comes off by its tie and has no tag yet, in the order it comes off */
    public function untagged(): array
    {
        $tagged = array_map(static fn(Tag $t): ?string => $t->itself, $this->tags);
        $mounts = array_values(
            array_filter(
                $this->pieces->mounts(),
                static fn(array $m): bool => Relation::BondedTo !== $m[1]->as && !in_array($m[0]->id, $tagged, true),
            ),
        );
        usort($mounts, static fn(array $a, array $b): int => $a[1]->order <=> $b[1]->order);

        return $mounts;
    }

    /**
     * @param list<string> $parts
     *
     * @return list<Tag>
     */
    private function openOf(array $parts, ?TagKind $kind = null): array
    {
        return array_values(
            array_filter(
                $this->forwards(),
                static fn(Tag $t): bool => $t->isOpen() &&
                    (null === $kind || $t->kind === $kind) &&
                    in_array($t->part, $parts, true),
            ),
        );
    }

    /** @return list<string> the part, its zones, and what rides inside it */
    private function reached(string $part): array
    {
        $there = [$part];
        foreach ($this->parts as $id => $other) {
            $inside = array_filter(
                $other->links,
                static fn(Link $l): bool => Relation::Inside === $l->as && $l->to === $part,
            );
            if ($other->zoneOf === $part || [] !== $inside) {
                $there[] = (string) $id;
            }
        }

        return $there;
    }

    /** @return list<string> */
    private function pieceOf(string $part): array
    {
        foreach ($this->pieces->all() as $piece) {
            if (in_array($part, $piece, true)) {
                return $piece;
            }
        }

        return [$part];
    }

    private function says(Tag $tag): Message
    {
        return Message::of(
            TagKind::Off === $tag->kind
                ? 'Tag {tag}, {what}: {items} is not back on {part}.'
                : 'Tag {tag}, {what}: {items} is still in {part}.',
            tag: $tag->number,
            what: $tag->what,
            items: array_map(static fn(TaggedItem $i): Message => $i->words(), $tag->open()),
            part: $this->parts[$tag->part]->name ?? $tag->part,
        );
    }
}
