<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** On which parts something counts: by material, service, finish, school and what is wanted. Empty means all. */
final readonly class Scope
{
    /**
     * @param list<string> $families
     * @param list<string> $except families it does not count for
     * @param list<string> $services
     * @param list<string> $finishes
     * @param array<int|string, list<string>> $schools question => answers
     * @param list<string> $aims what is wanted of the part
     * @param list<string> $exceptAims where that is wanted it does not count
     */
    public function __construct(
        public array $families = [],
        public array $except = [],
        public array $services = [],
        public array $finishes = [],
        public array $schools = [],
        public array $aims = [],
        public array $exceptAims = [],
    ) {}

    /**
     * @param list<string> $services what the part has to stand; any of them is enough
     * @param \Closure(string): string $answer to a school question
     */
    public function covers(Substrate $substrate, array $services, string $finish, string $aim, \Closure $answer): bool
    {
        if (
            !$substrate->isOf($this->families) ||
            ([] !== $this->except && $substrate->isOf($this->except)) ||
            ([] !== $this->services && [] === array_intersect($services, $this->services)) ||
            ([] !== $this->finishes && !in_array($finish, $this->finishes, true)) ||
            ([] !== $this->aims && !in_array($aim, $this->aims, true)) ||
            in_array($aim, $this->exceptAims, true)
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

    /**
     * Whether there is a material it counts for that may be asked for one of its services.
     *
     * @param array<int|string, Substrate> $substrates
     * @param array<int|string, Service> $services
     */
    public function occurs(array $substrates, array $services): bool
    {
        $asked = [] === $this->services ? $services : array_intersect_key($services, array_flip($this->services));
        foreach ($substrates as $substrate) {
            $covered = (new self($this->families, $this->except))->covers($substrate, [], '', '', strval(...));
            if ($covered && [] !== array_filter($asked, static fn(Service $s): bool => $s->suits($substrate))) {
                return true;
            }
        }

        return false;
    }

    /** The same by whatever school. */
    public function ofAnySchool(): self
    {
        return new self(
            families: $this->families,
            except: $this->except,
            services: $this->services,
            finishes: $this->finishes,
            aims: $this->aims,
            exceptAims: $this->exceptAims,
        );
    }
}
