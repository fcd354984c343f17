<?php

declare(strict_types=1);

namespace Hull\Schedule\Calendar;

use Hull\Input\Node;

/**
 * What things are worth to a yard, in hours of hands, so that schedules can be compared by one sum. Everything has room
 * and due dates come before it.
 */
final readonly class Objective
{
    private const MOST = 200.0;
    private const FIELDS = ['day', 'good', 'visit', 'set_up', 'turn'];

    /**
     * @param float $day until everything is done, one day longer
     * @param float $good an hour of making good a missed window: the hour, and what it does to the film
     * @param float $visit somebody comes in once more
     * @param float $setUp a gun is set up and cleaned, a brush goes to the bin
     * @param float $turn somebody turns to another part
     */
    public function __construct(
        public float $day = 6.0,
        public float $good = 2.0,
        public float $visit = 0.5,
        public float $setUp = 0.25,
        public float $turn = 0.05,
    ) {}

    /** @return array<string, float> by field of the file */
    public function weights(): array
    {
        return [
            'day' => $this->day,
            'good' => $this->good,
            'visit' => $this->visit,
            'set_up' => $this->setUp,
            'turn' => $this->turn,
        ];
    }

    public static function read(?Node $n): self
    {
        $usual = new self();
        if (null === $n) {
            return $usual;
        }
        $n->only(self::FIELDS);
        $worth = static function (string $field, float $usual) use ($n): float {
            $at = $n->optional($field);
            $hours = $at?->number() ?? $usual;

            return $hours >= 0.0 && $hours <= self::MOST
                ? $hours
                : throw $n
                    ->field($field)
                    ->refuse(
                        sprintf('%g hours are no weight.', $hours),
                        sprintf('hours of hands from 0 to %d', (int) self::MOST),
                    );
        };

        return new self(
            day: $worth('day', $usual->day),
            good: $worth('good', $usual->good),
            visit: $worth('visit', $usual->visit),
            setUp: $worth('set_up', $usual->setUp),
            turn: $worth('turn', $usual->turn),
        );
    }
}
