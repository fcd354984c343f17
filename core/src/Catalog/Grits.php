<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** The grits a step goes through, coarse to fine, of one run of abrasives. */
final readonly class Grits
{
    /** @param non-empty-list<int> $of */
    public function __construct(public AbrasiveRun $run, public array $of) {}

    /** No grit leaves out more than the next but one of its run, or the scratches of the coarse one show. */
    public function isUnbroken(): bool
    {
        $before = null;
        foreach ($this->of as $grit) {
            $at = array_search($grit, $this->run->grits, true);
            if (false === $at || (null !== $before && ($at <= $before || $at - $before > 2))) {
                return false;
            }
            $before = $at;
        }

        return true;
    }

    /** "P80, P120, P180; a disc does 1 to 1.5 m2". */
    public function text(): string
    {
        $life = array_values(
            array_filter(array_map(fn(int $g): ?float => $this->run->discLife[$g] ?? null, $this->of), is_float(...)),
        );
        $does =
            [] === $life
                ? ''
                : sprintf(
                    '; a disc does about %s m²',
                    min($life) < max($life)
                        ? sprintf('%.3g to %.3g', min($life), max($life))
                        : sprintf('%.3g', $life[0]),
                );

        return implode(', ', array_map(static fn(int $g): string => 'P' . $g, $this->of)) . $does;
    }
}
