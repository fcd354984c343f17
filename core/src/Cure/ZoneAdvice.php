<?php

declare(strict_types=1);

namespace Hull\Cure;

use Hull\Quantity\Message;

/** What opens a window again that is empty because the part is too big for its film at this pace in this air. */
final readonly class ZoneAdvice
{
    private const MOST_HELPERS = 3;
    private const AHEAD_H = 72;

    /**
     * @param int|null $sections fewest sections, each worked as a part of its own with a faded edge
     * @param int|null $helpers fewest helpers who apply as fast as one
     * @param float|null $later hour of the first coat from which on the whole can be done
     * @param array<int|string, float> $films other films that can be done whole => hours of slack
     */
    private function __construct(
        public ?int $sections,
        public ?int $helpers,
        public ?float $later,
        public array $films,
    ) {}

    /**
     * @param float $start hour at which the first coat begins
     * @param float $first hours the first coat takes one person
     * @param float $second hours the next coat takes
     * @param \Closure(float): ?float $opens see ZoneSpan
     * @param \Closure(float): ?float $closes see ZoneSpan
     * @param array<int|string, array{\Closure(float): ?float, \Closure(float): ?float}> $others films that would do as
     *                                                                                           well
     */
    public static function of(
        float $start,
        float $first,
        float $second,
        \Closure $opens,
        \Closure $closes,
        array $others = [],
    ): self {
        $sections = $helpers = $later = null;
        $zones = ZoneSpan::along($start, $first, $second);
        foreach (ZoneSpan::SECTIONS as $n) {
            $sections ??= self::inSections($n, $zones, $opens, $closes) ? $n : null;
        }
        for ($n = 1; $n <= self::MOST_HELPERS && null === $helpers; ++$n) {
            $helpers = ZoneSpan::of(
                ZoneSpan::along($start, $first / ($n + 1), $second / ($n + 1)),
                $opens,
                $closes,
            )->isOpen()
                ? $n
                : null;
        }
        for ($n = 1; $n <= self::AHEAD_H && null === $later; ++$n) {
            $later = ZoneSpan::of(ZoneSpan::along($start + $n, $first, $second), $opens, $closes)->isOpen()
                ? $start + $n
                : null;
        }
        $films = [];
        foreach ($others as $film => [$from, $until]) {
            $span = ZoneSpan::of(ZoneSpan::along($start, $first, $second), $from, $until);
            if ($span->isOpen()) {
                $films[$film] = $span->slack() ?? \INF;
            }
        }
        arsort($films);

        return new self($sections, $helpers, $later, $films);
    }

    /**
     * @param non-empty-list<Zone> $zones
     * @param \Closure(float): ?float $opens
     * @param \Closure(float): ?float $closes
     */
    private static function inSections(int $n, array $zones, \Closure $opens, \Closure $closes): bool
    {
        for ($k = 0; $k < $n; ++$k) {
            if (!ZoneSpan::of(ZoneSpan::section($zones, $n, $k), $opens, $closes)->isOpen()) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Message> */
    public function words(): array
    {
        return array_values(
            array_filter([
                null === $this->sections
                    ? null
                    : Message::of(
                        'Work it in {sections} sections, each ended on an edge or faded out and ' .
                            'abraded there before the next.',
                        sections: $this->sections,
                    ),
                null === $this->helpers
                    ? null
                    : Message::of(
                        'With {helpers} applying at the same pace it can be done whole.',
                        helpers: self::helpers($this->helpers),
                    ),
                [] === $this->films
                    ? null
                    : Message::of(
                        'A slower film can be done whole: {films}.',
                        films: array_map(strval(...), array_slice(array_keys($this->films), 0, 3)),
                    ),
            ]),
        );
    }

    public static function helpers(int $many): Message
    {
        return 1 === $many ? Message::of('a helper') : Message::of('{many} helpers', many: $many);
    }
}
