<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

/** Why an activity begins when it does. */
final readonly class Why
{
    /**
     * @param string $what in words, to go on after the words of the kind
     * @param string|null $other id of the activity it is about
     */
    public function __construct(public WhyKind $kind, public string $what = '', public ?string $other = null) {}

    /** @param string $other name of the activity it is about */
    public function words(string $other = ''): string
    {
        return match ($this->kind) {
            WhyKind::Nothing => 'as soon as can be',
            WhyKind::Running => 'under way',
            WhyKind::Past => 'that hour has passed',
            WhyKind::Before => 'after ' . $other,
            WhyKind::Waits => 'waits for ' . $this->what,
            WhyKind::Hours => 'when the working hours have room for it',
            WhyKind::Quiet => 'not in quiet hours',
            WhyKind::Person => sprintf('%s is busy with %s', $this->what, $other),
            WhyKind::Absent => $this->what . ' is not at work then',
            WhyKind::Place => sprintf('%s: %s', $other, $this->what),
            WhyKind::Gear => sprintf('the %s is in use for %s', $this->what, $other),
            WhyKind::Air => 'until then ' . $this->what,
            WhyKind::Delivery => $this->what,
            WhyKind::Window => sprintf('held back so that %s falls into %s', $other, $this->what),
            WhyKind::Missed => 'as late as can be before ' . $other,
            WhyKind::Others => 'held back: other work goes first',
            WhyKind::Visit => 'done on a day with more to do, so that nobody comes in for it alone',
            WhyKind::Kept => 'where it was planned before',
        };
    }
}
