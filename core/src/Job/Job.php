<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\WorkCard\Kept;

/** A thing in the yard: its parts and the places they are worked in. */
final readonly class Job
{
    /**
     * @param array<string, Place> $places
     * @param list<Part>           $parts
     * @param list<string>         $without gear, skills and tastes the workshop does without
     * @param list<Kept>           $cards   work that is no plain coat
     */
    public function __construct(public string $name, public string $note, public array $places, public array $parts, public array $without = [], public array $cards = [])
    {
    }

    public function place(string $id): Place
    {
        return $this->places[$id] ?? throw new \LogicException('No place '.$id.'.');
    }
}
