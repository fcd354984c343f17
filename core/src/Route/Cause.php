<?php

declare(strict_types=1);

namespace Hull\Route;

/** What is wrong, said once, with every step that it strikes. */
final readonly class Cause
{
    /** @param non-empty-list<Finding> $findings of one need, in the order of the route */
    private function __construct(public array $findings) {}

    /**
     * @param list<Finding> $findings
     *
     * @return list<self> the worst first; of one severity those that strike earlier
     */
    public static function of(array $findings): array
    {
        $groups = [];
        foreach ($findings as $finding) {
            $groups[$finding->severity->value . '/' . $finding->needId . '/' . $finding->says][] = $finding;
        }
        $causes = array_map(static fn(array $g): self => new self($g), array_values($groups));
        $worst = array_map(static fn(Severity $s): string => $s->value, Severity::cases());
        usort(
            $causes,
            static fn(self $a, self $b): int => array_search($a->first()->severity->value, $worst, true) <=>
                array_search($b->first()->severity->value, $worst, true),
        );

        return $causes;
    }

    /**
     * The same, step by step: what only warns and strikes again is said at its first step.
     *
     * @param list<Finding> $findings in the order of the route
     *
     * @return list<array{Finding, list<string>, bool}> finding, keys of the later steps it strikes as well, and whether
     *                                                  it was said before
     */
    public static function once(array $findings): array
    {
        $warns = static fn(Finding $f): bool => !$f->isInTheWay() && null !== $f->stepKey && [] === $f->mends;
        $named = static fn(Finding $f): string => $f->needId . '/' . $f->says . '/' . $f->consequence;
        $steps = [];
        foreach (array_filter($findings, $warns) as $finding) {
            $steps[$named($finding)][] = (string) $finding->stepKey;
        }
        $once = [];
        foreach ($findings as $finding) {
            $struck = $warns($finding) ? $steps[$named($finding)] ?? [] : [];
            $isFirst = [] === $struck || $struck[0] === $finding->stepKey;
            $once[] = [$finding, $isFirst ? array_slice($struck, 1) : [], !$isFirst];
        }

        return $once;
    }

    public function first(): Finding
    {
        return $this->findings[0];
    }

    /** @return list<string> names of the steps it strikes, each once */
    public function places(): array
    {
        return array_values(array_unique(array_map(static fn(Finding $f): string => $f->stepName, $this->findings)));
    }
}
