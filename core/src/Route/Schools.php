<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Argument;
use Hull\Catalog\School;
use Hull\Catalog\Traits;

/** Which answer to each school question counts on a part, and what speaks for and against it there. */
final readonly class Schools
{
    /** @param array<int|string, string> $chosen question => answer picked by hand */
    public function __construct(private Traits $traits, private array $chosen) {}

    /** @return array<int|string, string> question => answer, for every question */
    public function resolved(): array
    {
        return array_map($this->answer(...), $this->traits->catalogue->schools);
    }

    /** @return array<int|string, string> what was picked by hand and is open on this part */
    public function picked(): array
    {
        return array_filter(
            $this->chosen,
            fn(string $answer, int|string $question): bool => $this->isOpen(
                $this->traits->catalogue->schools[$question],
                $answer,
            ),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<int|string, School> the questions that arise on this material */
    public function asked(): array
    {
        return array_filter(
            $this->traits->catalogue->schools,
            fn(School $s): bool => $this->traits->substrate->isOf($s->families),
        );
    }

    public function isOpen(School $school, string $answer): bool
    {
        return $this->traits->hold($school->answers[$answer]->onlyWhen);
    }

    /** @return list<string> what speaks for an answer on this part, or against it */
    public function arguments(School $school, string $answer, bool $against = false): array
    {
        $fitting = array_filter(
            $school->answers[$answer]->arguments,
            fn(Argument $a): bool => $a->against === $against && $this->traits->hold($a->when),
        );

        return array_values(array_map(fn(Argument $a): string => $this->traits->words($a->says), $fitting));
    }

    private function answer(School $school): string
    {
        $picked = $this->picked()[$school->id] ?? null;
        if (null !== $picked) {
            return $picked;
        }
        foreach ($school->answers as $id => $answer) {
            if ($this->traits->hold($answer->onlyWhen) && $this->traits->hold($answer->defaultWhen)) {
                return (string) $id;
            }
        }

        return $school->default();
    }
}
