<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\Option;
use App\Api\View\PhotoView;
use App\Api\View\RegisterView;
use App\Api\View\TaggedItemView;
use App\Api\View\TagView;
use App\Api\View\UntaggedView;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Entity\TagRow;
use App\Work\Album;
use App\Work\RowMapper;
use Hull\Job\Job;
use Hull\Job\Link;
use Hull\Job\Part;
use Hull\Job\Tag;
use Hull\Job\TaggedItem;
use Hull\Job\TagKind;
use Hull\Piece\HeldBy;
use Hull\Piece\Register;

/** Builds the strip-down register of a job. */
final readonly class RegisterScreen
{
    public function __construct(private RowMapper $stored, private Album $album) {}

    public function view(JobRow $row): RegisterView
    {
        $job = $this->stored->job($row);
        $register = new Register($job->register, $job->parts);
        [$rows, $names] = [self::rows($row), self::names($job)];
        $versions = [];
        foreach ($row->tags as $tag) {
            $versions[$tag->number] = $tag->version;
        }
        $photos = $this->photos($row);
        $open = static fn(TagKind $kind): int => array_sum(
            array_map(static fn(Tag $t): int => $kind === $t->kind ? self::open($t) : 0, $job->register),
        );

        return new RegisterView(
            jobId: (string) $row->id,
            name: $row->name,
            tags: array_map(
                static fn(Tag $t): TagView => self::tag(
                    $t,
                    $register,
                    (string) $rows[$t->part]->id,
                    $names[$t->part],
                    $versions[$t->number],
                    $photos[$t->number] ?? [],
                ),
                $register->forwards(),
            ),
            backwards: array_map(static fn(Tag $t): int => $t->number, $register->backwards()),
            missing: $register->missing(),
            untagged: array_map(
                /** @param array{Part, Link, Part} $mount */
                static fn(array $mount): UntaggedView => new UntaggedView(
                    part: $mount[2]->id,
                    partName: $mount[2]->name,
                    itself: $mount[0]->id,
                    name: $mount[0]->name,
                    by: $mount[1]->by,
                    items: array_map(self::item(...), [
                        new TaggedItem($mount[0]->name),
                        ...HeldBy::read($mount[1]->by),
                    ]),
                ),
                $register->untagged(),
            ),
            parts: array_map(static fn(Part $p): Option => new Option($p->id, $p->name, ''), $job->parts),
            held: Tag::HELD,
            off: $open(TagKind::Off),
            in: $open(TagKind::In),
        );
    }

    /** @param list<PhotoView> $photos */
    private static function tag(
        Tag $tag,
        Register $register,
        string $partId,
        string $partName,
        int $version,
        array $photos,
    ): TagView {
        return new TagView(
            number: $tag->number,
            code: $tag->code,
            version: $version,
            kind: $tag->kind->value,
            what: $tag->what,
            partId: $partId,
            part: $tag->part,
            partName: $partName,
            itself: $tag->itself ?? '',
            held: $tag->held,
            lies: $tag->lies,
            turn: $tag->turn,
            note: $tag->note,
            items: array_map(self::item(...), $tag->items),
            count: array_sum(array_map(static fn(TaggedItem $i): int => $i->count, $tag->items)),
            open: self::open($tag),
            before: array_map(static fn(Tag $t): string => $t->label(), $register->before($tag)),
            photos: $photos,
        );
    }

    private static function item(TaggedItem $item): TaggedItemView
    {
        return new TaggedItemView(
            what: $item->what,
            size: $item->size,
            count: $item->count,
            state: $item->state->value,
            stateWords: $item->state->words(),
            done: $item->done,
            expected: $item->expected ?? '',
        );
    }

    private static function open(Tag $tag): int
    {
        return array_sum(array_map(static fn(TaggedItem $i): int => $i->open(), $tag->items));
    }

    /** @return array<int|string, PartRow> by id in the job file */
    private static function rows(JobRow $row): array
    {
        $rows = [];
        foreach ($row->parts as $part) {
            $id = $part->survey['id'] ?? null;
            if (is_string($id)) {
                $rows[$id] = $part;
            }
        }

        return $rows;
    }

    /** @return array<int|string, string> name by id in the job file */
    private static function names(Job $job): array
    {
        $names = [];
        foreach ($job->parts as $part) {
            $names[$part->id] = $part->name;
        }

        return $names;
    }

    /** @return array<int, list<PhotoView>> by number of the tag */
    private function photos(JobRow $row): array
    {
        $photos = [];
        foreach ($this->album->ofTags(array_values($row->tags->toArray())) as $photo) {
            if (null !== $photo->tag) {
                $photos[$photo->tag->number][] = PhotoView::of($photo);
            }
        }

        return $photos;
    }

    /** The stored part that a tag hangs on. */
    public static function partOf(JobRow $job, TagRow $tag): ?PartRow
    {
        $id = $tag->written['part'] ?? '';

        return is_string($id) ? self::rows($job)[$id] ?? null : null;
    }
}
