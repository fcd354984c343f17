<?php

declare(strict_types=1);

namespace Judge;

/** What is judged of a yard's days: who does what when, what found no room, and the air all of it happens in. */
final class Timetable
{
    /** @var array<string, Sky> by place and part, as it was first asked for */
    private array $warm = [];

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
        public readonly array $stints,
        public readonly array $undone,
        public readonly array $skies,
        public readonly array $lags,
        private readonly array $tones,
        public readonly array $heavy = [],
        public readonly array $manned = [],
        public readonly array $homes = [],
        public readonly array $hangs = [],
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

    public function air(Stint $stint): Sky
    {
        return $this->skies[$stint->place] ?? throw new \LogicException('No air of ' . $stint->place);
    }

    /** The air a part is in, and how warm it is there itself. */
    public function sky(Stint $stint): Sky
    {
        $key = $stint->place . '/' . $stint->part;

        return $this->warm[$key] ??= $this->air($stint)->on(
            $this->tones[$stint->part] ?? 'middling',
            $this->lags[$stint->part] ?? 0.0,
        );
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
