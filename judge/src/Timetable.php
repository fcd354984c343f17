<?php

declare(strict_types=1);

namespace Judge;

/** What is judged of a yard's days: who does what when, what found no room, and the air all of it happens in. */
final readonly class Timetable
{
    /**
     * @param array<int|string, list<Stint>> $stints by part, in order of time
     * @param array<int|string, list<string>> $undone steps without room, by part, in order
     * @param array<int|string, Sky> $skies by place
     * @param array<int|string, float> $lags hours with which a part follows the air
     * @param array<int|string, string> $tones how dark each part is
     * @param list<string> $heavy parts that one person does not lift
     * @param list<array{float, float}> $manned from when to when anybody is at work, ascending
     * @param array<int|string, string> $homes place in which each part is worked when it is off
     * @param array<int|string, array{string, bool}> $hangs by part what it comes off; glued or pressed in
     */
    public function __construct(
        public array $stints,
        public array $undone,
        public array $skies,
        public array $lags,
        private array $tones,
        public array $heavy = [],
        public array $manned = [],
        public array $homes = [],
        public array $hangs = [],
    ) {}

    /**
     * The same days with other work in them.
     *
     * @param array<int|string, list<Stint>> $stints
     * @param array<int|string, list<string>> $undone
     * @param list<array{float, float}>|null $manned null where nothing changes in that
     */
    public function of(array $stints, array $undone, ?array $manned = null): self
    {
        return new self(
            stints: $stints,
            undone: $undone,
            skies: $this->skies,
            lags: $this->lags,
            tones: $this->tones,
            heavy: $this->heavy,
            manned: $manned ?? $this->manned,
            homes: $this->homes,
            hangs: $this->hangs,
        );
    }

    /** @return list<Stint> */
    public function all(): array
    {
        return array_merge([], ...array_values($this->stints));
    }

    public function sky(Stint $stint): Sky
    {
        $sky = $this->skies[$stint->place] ?? throw new \LogicException('No air of ' . $stint->place);

        return $sky->on($this->tones[$stint->part] ?? 'middling');
    }

    /** Heavy parts follow the air so slowly that what is reckoned for thin ones does not hold for them. */
    public function isThin(string $part): bool
    {
        return ($this->lags[$part] ?? 0.0) <= 0.5;
    }

    /**
     * The last of these steps on the part before another entry of it.
     *
     * @param list<string> $steps
     */
    public function before(Stint $stint, array $steps): ?Stint
    {
        $found = null;
        foreach ($this->stints[$stint->part] ?? [] as $other) {
            if ($other === $stint) {
                return $found;
            }
            $found = $other->isOneOf($steps) ? $other : $found;
        }

        return null;
    }
}
