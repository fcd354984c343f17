<?php

declare(strict_types=1);

namespace Hull\Job;

/** An order of work. Keys are unique within it. */
final readonly class Route
{
    /** @param list<RouteStep> $steps */
    private function __construct(public array $steps) {}

    /** @param list<RouteStep> $steps steps without a key of their own get a passing one, "new-1" and so on */
    public static function of(array $steps): self
    {
        return self::numbered($steps, 'new-', 0);
    }

    /**
     * The same route with lasting keys for its new steps, none of which was ever used on this part.
     *
     * @param list<string> $used keys of earlier versions and of the log
     */
    public function kept(array $used): self
    {
        $highest = 0;
        foreach ($used as $key) {
            $highest = 1 === preg_match('/^s(\d+)$/', $key, $match) ? max($highest, (int) $match[1]) : $highest;
        }
        $steps = array_map(
            static fn(RouteStep $s): RouteStep => in_array($s->key, $used, true) ? $s : $s->withKey(''),
            $this->steps,
        );

        return self::numbered($steps, 's', $highest);
    }

    /** @param list<RouteStep> $steps */
    private static function numbered(array $steps, string $prefix, int $highest): self
    {
        $taken = array_flip(array_map(static fn(RouteStep $s): string => $s->key, $steps));
        $seen = [];
        $keyed = [];
        foreach ($steps as $step) {
            if ('' === $step->key || isset($seen[$step->key])) {
                do {
                    $key = $prefix . ++$highest;
                } while (isset($taken[$key]));
                $step = $step->withKey($key);
            }
            $seen[$step->key] = true;
            $keyed[] = $step;
        }

        return new self($keyed);
    }

    /** The step of this key, or the first coat after it: what is mixed there is for that. */
    public function coatFrom(string $key): ?RouteStep
    {
        $ahead = false;
        foreach ($this->steps as $step) {
            $ahead = $ahead || $step->key === $key;
            if ($ahead && null !== $step->product) {
                return $step;
            }
        }

        return null;
    }

    public function find(string $key): ?RouteStep
    {
        foreach ($this->steps as $step) {
            if ($step->key === $key) {
                return $step;
            }
        }

        return null;
    }

    public function less(int $index): self
    {
        $steps = $this->steps;
        array_splice($steps, $index, 1);

        return new self($steps);
    }

    public function moved(int $from, int $to): self
    {
        $steps = $this->steps;
        $taken = array_splice($steps, $from, 1);
        array_splice($steps, $to, 0, $taken);

        return new self($steps);
    }

    /** @param list<RouteStep> $insert */
    public function inserted(int $before, array $insert): self
    {
        $steps = $this->steps;
        array_splice($steps, $before, 0, $insert);

        return self::of($steps);
    }
}
