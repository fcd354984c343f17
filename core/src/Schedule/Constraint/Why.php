<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Quantity\Message;

/** Why an activity begins when it does. */
final readonly class Why
{
    /**
     * @param string|Message $what in words, to go on after the words of the kind
     * @param string|null $other id of the activity it is about
     */
    public function __construct(public WhyKind $kind, public string|Message $what = '', public ?string $other = null) {}

    /** @param string $other name of the activity it is about */
    public function words(string $other = ''): string|Message
    {
        return match ($this->kind) {
            WhyKind::Nothing => 'as soon as can be',
            WhyKind::Running => 'under way',
            WhyKind::Past => 'that hour has passed',
            WhyKind::Before => Message::of('after {other}', other: $other),
            WhyKind::Waits => Message::of('waits for {what}', what: Message::sentence($this->what)),
            WhyKind::Hours => 'when the working hours have room for it',
            WhyKind::Quiet => 'not in quiet hours',
            WhyKind::Dark => 'when it is light outdoors',
            WhyKind::Attended => 'begun when somebody is there until it is off',
            WhyKind::Person => Message::of('{person} is busy with {other}', person: $this->what, other: $other),
            WhyKind::Absent => Message::of('{person} is not at work then', person: $this->what),
            WhyKind::Place => Message::of('{other}: {what}', other: $other, what: Message::sentence($this->what)),
            WhyKind::Gear => Message::of('the {gear} is in use for {other}', gear: $this->what, other: $other),
            WhyKind::Air => Message::of('until then {what}', what: Message::sentence($this->what)),
            WhyKind::Delivery => $this->what,
            WhyKind::Window => Message::of(
                'held back so that {other} falls into {what}',
                other: $other,
                what: Message::sentence($this->what),
            ),
            WhyKind::Missed => Message::of('as late as can be before {other}', other: $other),
            WhyKind::Others => 'held back: other work goes first',
            WhyKind::Visit => 'done on a day with more to do, so that nobody comes in for it alone',
            WhyKind::Kept => 'where it was planned before',
        };
    }
}
