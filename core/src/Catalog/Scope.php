<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** On which parts something counts: by substrate, service, finish and school. An empty list means all. */
final readonly class Scope
{
    /**
     * @param list<string> $families
     * @param list<string> $except families it does not count for
     * @param list<string> $services
     * @param list<string> $finishes
     * @param array<int|string, list<string>> $schools question => answers
     */
    public function __construct(
        public array $families = [],
        public array $except = [],
        public array $services = [],
        public array $finishes = [],
        public array $schools = [],
    ) {}

    /** @param \Closure(string): string $answer to a school question */
    public function covers(Substrate $substrate, string $service, string $finish, \Closure $answer): bool
    {
        if (
            !$substrate->isOf($this->families) ||
            ([] !== $this->except && $substrate->isOf($this->except)) ||
            ([] !== $this->services && !in_array($service, $this->services, true)) ||
            ([] !== $this->finishes && !in_array($finish, $this->finishes, true))
        ) {
            return false;
        }
        foreach ($this->schools as $question => $answers) {
            if (!in_array($answer((string) $question), $answers, true)) {
                return false;
            }
        }

        return true;
    }
}
