<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\JobRow;
use App\Entity\PartRow;
use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\Links;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\JobFile\JobWriter;

/** Parts as surveyed, with the place each is worked in. */
final readonly class SurveyBook
{
    /** Fields of a part that the routes of those tied to it go by. */
    private const DECIDED = ['substrate', 'service', 'also', 'aim', 'film', 'layers', 'schools', 'begin', 'place'];

    public function __construct(
        private EntityManagerInterface $em,
        private RowMapper $stored,
        private RouteBook $routes,
    ) {}

    /** Adds a part, or changes its survey; the place it is worked in is added to the job or changed with it. */
    public function write(JobRow $job, ?PartRow $row, Part $part, Place $place, ?int $version): PartRow
    {
        return $this->em->wrapInTransaction(function () use ($job, $row, $part, $place, $version): PartRow {
            foreach ($job->parts as $other) {
                if ($other !== $row && $other->survey['id'] === $part->id) {
                    throw new InvalidInput(
                        '/part/id',
                        sprintf('The job has a part called "%s" already.', $part->id),
                        'an id of its own',
                    );
                }
            }
            $this->linked($job, $row, $part);
            $places = array_values(array_filter($job->places, static fn(array $p): bool => $p['id'] !== $place->id));
            $job->places = [...$places, JobWriter::place($place)];
            $before = $row->survey ?? [];
            if (null === $row) {
                $row = new PartRow($job, 1 + $job->parts->count(), self::stripped($part));
                $job->parts->add($row);
                $this->em->persist($row);
            } else {
                $this->em->lock($row, LockMode::OPTIMISTIC, $version);
                $row->survey = self::stripped($part);
            }
            $this->routes->followSurvey($row);
            if (isset($before['place']) && $before['place'] !== $place->id) {
                $this->comeAlong($job, $part->id, $place->id);
            }
            if (self::decided($before) !== self::decided($row->survey)) {
                $this->follow($row, $part->id);
            }
            $this->em->flush();

            return $row;
        });
    }

    /**
     * What the routes of other parts go by.
     *
     * @param array<int|string, mixed> $survey
     *
     * @return array<int|string, mixed>
     */
    private static function decided(array $survey): array
    {
        return array_intersect_key($survey, array_flip(self::DECIDED));
    }

    /** The parts that hang on this one, or are treated as it, follow what was decided for it. */
    private function follow(PartRow $row, string $id): void
    {
        foreach ($row->job->parts as $other) {
            if ($other !== $row && in_array($id, $this->stored->part($other)->tiedTo(), true)) {
                $this->routes->followSurvey($other);
            }
        }
    }

    /** What stays on a part is worked where that is, and goes there with it. */
    private function comeAlong(JobRow $job, string $id, string $place): void
    {
        foreach ($job->parts as $other) {
            $part = $this->stored->part($other);
            foreach ($part->place === $place ? [] : $part->links as $link) {
                if ($link->to === $id && $link->stays && $link->as->comesOff()) {
                    $other->survey = array_replace($other->survey, ['place' => $place]);
                    $this->routes->followSurvey($other);
                    $this->follow($other, $part->id);
                    $this->comeAlong($job, $part->id, $place);
                }
            }
        }
    }

    /** What a part hangs on is there; and it keeps the id that others and its cards know it by. */
    private function linked(JobRow $job, ?PartRow $row, Part $part): void
    {
        if (null !== $row && $row->survey['id'] !== $part->id) {
            throw new InvalidInput(
                '/part/id',
                'A part keeps its id; its name may change.',
                is_string($row->survey['id']) ? $row->survey['id'] : '',
            );
        }
        $parts = [$part->id => $part];
        foreach ($job->parts as $other) {
            if ($other !== $row) {
                $read = $this->stored->part($other);
                $parts[$read->id] = $read;
            }
        }
        Links::check(Node::root(['part' => JobWriter::part($part)])->field('part'), $part, $parts);
    }

    /**
     * A part without route and log, in the form of the job file.
     *
     * @return array<int|string, mixed>
     */
    public static function stripped(Part $part): array
    {
        return JobWriter::part($part->with(null, []));
    }
}
