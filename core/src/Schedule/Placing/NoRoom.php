<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Quantity\Interval;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Times;
use Hull\Schedule\Constraint\Yard;

/** Why an activity has no room in a yard as it is filled, and what would give it some. */
final readonly class NoRoom
{
    public const AT_ALL = 'there is no room before the end of the plan';
    /** Said of a film; which limit of the air is in the way is named beside it. */
    public const NO_HOUR = 'no hour before the end of the plan lets this film on: another place, hour or film';

    public function __construct(private Yard $yard, private BlockFiller $filler) {}

    public function why(Activity $activity): string|Message
    {
        $longest = $this->yard->longestFor($activity);

        return match (true) {
            $this->filler->isLost($activity) => 'what it waits for on another part has no room',
            count($this->yard->people) < $activity->people => Message::of(
                'it takes {people} people',
                people: $activity->people,
            ),
            $activity->people > 1 && $longest < Interval::SAME => Message::of(
                'it takes {people} people, and they are never at work together',
                people: $activity->people,
            ),
            $this->yard->isTooLong($activity) => Message::of(
                'it takes {hours} h in one go, the longest stretch of working hours is {longest} h: {sections} ' .
                    'sections, a helper, or a longer day',
                hours: sprintf('%.1f', $activity->hours),
                longest: sprintf('%.1f', $longest),
                sections: (int) ceil($activity->hours / max($longest, 0.25) - Interval::SAME),
            ),
            !is_finite(Times::earliest($this->yard, $activity, $this->filler->placed)[0])
                => 'in this air what it waits for never comes',
            !$this->yard->isEverAttended($activity) => Message::of(
                'it is on for {hours} h, and nobody is ever at work for as long',
                hours: sprintf('%.1f', $activity->hours + $activity->attendedFor),
            ),
            null !== ($large = $this->tooLarge($activity, $longest)) => $large,
            null !== $activity->wet => self::NO_HOUR,
            null !== $activity->hardWindow() => Message::of(
                'nobody is at work in {window}',
                window: Message::sentence($activity->hardWindow()->what),
            ),
            default => self::AT_ALL,
        };
    }

    /**
     * What opens a window and all that is done until it is closed takes longer than a day, and so does making that good
     * and closing it in one go: such a part is worked zone by zone.
     */
    private function tooLarge(Activity $activity, float $longest): ?Message
    {
        $day = $this->yard->longestDayFor($activity);
        foreach ($activity->whole && $longest > 0.0 ? $activity->windows : [] as $window) {
            $opener = $this->yard->activities[$window->from] ?? null;
            $chain = $this->yard->chains[$activity->part];
            $opened = (int) array_search($window->from, $chain, true);
            $since = array_slice($chain, 1 + $opened, (int) array_search($activity->id, $chain, true) - $opened);
            $hours = array_sum(array_map(fn(string $id): float => $this->yard->activity($id)->hours, $since));
            if (
                $opener?->part === $activity->part &&
                $hours > $day + Interval::SAME &&
                $window->hours + $activity->hours > $longest + Interval::SAME
            ) {
                return Message::of(
                    'after {opener} it is {hours} h of work until it is done, and the longest day has {day} h; ' .
                        'making good what stood open and doing it then is too long, too: work it as {zones} ' .
                        'zones, each opened and closed by itself, or a longer day',
                    opener: lcfirst($opener->name),
                    hours: sprintf('%.1f', $hours),
                    day: sprintf('%.1f', $day),
                    zones: (int) ceil(($hours + $opener->hours) / $day - Interval::SAME),
                );
            }
        }

        return null;
    }
}
