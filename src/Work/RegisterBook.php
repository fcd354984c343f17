<?php

declare(strict_types=1);

namespace App\Work;

use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Entity\TagRow;
use App\Entity\Workshop;
use App\Persistence\RemovedFilter;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\Job;
use Hull\Job\RouteStep;
use Hull\Job\Tag;
use Hull\JobFile\TagForm;
use Hull\Piece\Register;
use Hull\Quantity\Message;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The strip-down register of a job: tags written, changed, ticked off, removed and had back. */
final readonly class RegisterBook
{
    /** Digits and letters that are not taken for one another on a dirty label. */
    private const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
    private const CODE = 6;

    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private ClockInterface $clock,
    ) {}

    /**
     * What stands against finishing a step that closes, puts together or hands over, in words.
     *
     * @return list<Message>
     */
    public function against(PartRow $row, RouteStep $step): array
    {
        $kind = $this->catalogues->for($row->workshop)->step($step->step);
        if (!$kind->worked->closes || $row->job->tags->isEmpty()) {
            return [];
        }
        $job = $this->stored->job($row->job);

        return (new Register($job->register, $job->parts))->against($kind, $this->stored->part($row)->id);
    }

    /** @return array<int|string, string> what the tags of a yard's jobs say, by job: the same, the same */
    public function fingerprints(Workshop $workshop): array
    {
        return array_map(
            static fn(mixed $v): string => is_string($v) ? $v : '',
            $this->em->getConnection()->fetchAllKeyValue(
                'SELECT job_id, md5(string_agg(t::text, chr(10) ORDER BY id)) FROM tag t WHERE workshop_id = ?
                    GROUP BY job_id',
                [$workshop->id->toRfc4122()],
            ),
        );
    }

    /** @param Node $body a tag without its number and code */
    public function add(JobRow $job, Node $body): Tag
    {
        return $this->em->wrapInTransaction(function () use ($job, $body): Tag {
            $this->em->lock($job, LockMode::PESSIMISTIC_WRITE);
            if ($job->tags->count() >= TagForm::MOST) {
                throw new InvalidInput(
                    '/what',
                    'The register has all the tags it can have.',
                    sprintf('up to %d tags for a job', TagForm::MOST),
                );
            }
            $number = 1 + $this->highest($job);
            $code = $this->code($job->workshop);
            $row = new TagRow($job, $number, $code, [], $this->clock->now());
            $tag = self::read($job, $body, $row);
            $row->written = TagForm::written($tag);
            $this->em->persist($row);
            $job->tags->add($row);
            $this->inTurn($job, $row, $tag->turn);

            return $tag;
        });
    }

    /** @param Node $body a tag without its number and code */
    public function change(JobRow $job, int $number, Node $body, int $version): Tag
    {
        return $this->em->wrapInTransaction(function () use ($job, $number, $body, $version): Tag {
            $row = $this->find($job, $number);
            $this->em->lock($row, LockMode::OPTIMISTIC, $version);
            $tag = self::read($job, $body, $row);
            $row->written = TagForm::written($tag);
            $row->at = $this->clock->now();
            $this->inTurn($job, $row, $tag->turn);

            return $tag;
        });
    }

    /**
     * So many of one thing on a tag are back on, or out again; of all of them where $item is null.
     *
     * @param int|null $item place of the thing on the tag, 0 first
     * @param int $done how many; for all things anything above 0 is all
     */
    public function tick(JobRow $job, int $number, ?int $item, int $done): Tag
    {
        return $this->em->wrapInTransaction(function () use ($job, $number, $item, $done): Tag {
            $row = $this->find($job, $number);
            $this->em->lock($row, LockMode::PESSIMISTIC_WRITE);
            $this->em->refresh($row);
            $tag = self::tag($job, $row);
            if (null !== $item && !isset($tag->items[$item])) {
                throw new InvalidInput(
                    '/item',
                    'There is no such thing on this tag.',
                    sprintf('its place on the tag, 0 to %d', count($tag->items) - 1),
                );
            }
            if (null !== $item && $done > $tag->items[$item]->count) {
                throw new InvalidInput(
                    '/done',
                    'That is more than there were.',
                    sprintf('0 to %d', $tag->items[$item]->count),
                );
            }
            $ticked = null === $item ? $tag->all($done > 0) : $tag->ticked($item, $done);
            $row->written = TagForm::written($ticked);

            return $ticked;
        });
    }

    public function remove(JobRow $job, int $number): void
    {
        $this->find($job, $number)->removedAt = $this->clock->now();
        $this->em->flush();
    }

    public function restore(JobRow $job, int $number): void
    {
        $this->em->getFilters()->disable(RemovedFilter::NAME);
        try {
            $row = $this->em->getRepository(TagRow::class)->findOneBy(['job' => $job, 'number' => $number]);
        } finally {
            $this->em->getFilters()->enable(RemovedFilter::NAME);
        }
        if (null === $row) {
            throw new NotFoundHttpException();
        }
        $row->removedAt = null;
        $this->em->flush();
    }

    /** What came in a job file; a code that the yard has on another label gives way to a new one. */
    public function import(JobRow $row, Job $job): void
    {
        foreach ($job->register as $tag) {
            $code = '' === $tag->code || $this->isTaken($row->workshop, $tag->code) ? '' : $tag->code;
            $code = '' === $code ? $this->code($row->workshop) : $code;
            $kept = new TagRow($row, $tag->number, $code, TagForm::written($tag), $this->clock->now());
            $kept->written['code'] = $code;
            $this->em->persist($kept);
            $row->tags->add($kept);
        }
    }

    public function find(JobRow $job, int $number): TagRow
    {
        return $this->em->getRepository(TagRow::class)->findOneBy(['job' => $job, 'number' => $number]) ??
            throw new NotFoundHttpException();
    }

    public function labelled(string $code): TagRow
    {
        return $this->em->getRepository(TagRow::class)->findOneBy(['code' => mb_strtoupper($code)]) ??
            throw new NotFoundHttpException();
    }

    private static function tag(JobRow $job, TagRow $row): Tag
    {
        foreach (RowMapper::tags($job, self::ids($job)) as $tag) {
            if ($tag->number === $row->number) {
                return $tag;
            }
        }
        throw new NotFoundHttpException();
    }

    /** @return list<string> of the parts of the job, as others know them */
    private static function ids(JobRow $job): array
    {
        return array_values(
            array_map(
                static fn(PartRow $p): string => is_string($p->survey['id'] ?? null) ? $p->survey['id'] : '',
                $job->parts->toArray(),
            ),
        );
    }

    private static function read(JobRow $job, Node $body, TagRow $row): Tag
    {
        $typed = array_map(static fn(Node $n): mixed => $n->value, $body->fields());

        return TagForm::read(
            $body->holding(['number' => $row->number, 'code' => $row->code] + $typed),
            self::ids($job),
        );
    }

    /** One that came off as the third pushes what came off third and later back by one. */
    private function inTurn(JobRow $job, TagRow $row, int $turn): void
    {
        $others = array_values(array_filter($job->tags->toArray(), static fn(TagRow $t): bool => $t !== $row));
        usort($others, static fn(TagRow $a, TagRow $b): int => self::turn($a) <=> self::turn($b));
        array_splice($others, max(0, $turn - 1), 0, [$row]);
        foreach ($others as $n => $one) {
            if (self::turn($one) !== $n + 1) {
                $one->written = ['turn' => $n + 1] + $one->written;
            }
        }
    }

    private static function turn(TagRow $row): int
    {
        return is_int($row->written['turn'] ?? null) ? $row->written['turn'] : $row->number;
    }

    /** Of the removed ones, too: a label that lies about somewhere keeps its number. */
    private function highest(JobRow $job): int
    {
        $highest = $this->em
            ->getConnection()
            ->fetchOne('SELECT COALESCE(MAX(number), 0) FROM tag WHERE job_id = ?', [$job->id], ['uuid']);

        return is_numeric($highest) ? (int) $highest : 0;
    }

    private function code(Workshop $workshop): string
    {
        do {
            $code = '';
            for ($n = 0; $n < self::CODE; ++$n) {
                $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
            }
        } while ($this->isTaken($workshop, $code));

        return $code;
    }

    private function isTaken(Workshop $workshop, string $code): bool
    {
        return 0 <
            $this->em
                ->getConnection()
                ->fetchOne(
                    'SELECT COUNT(*) FROM tag WHERE workshop_id = ? AND code = ?',
                    [$workshop->id, $code],
                    ['uuid', 'string'],
                );
    }
}
