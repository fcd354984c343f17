<?php

declare(strict_types=1);

namespace Hull\Schedule\Placing;

use Hull\Climate\GateReason;
use Hull\Quantity\Interval;
use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Yard;

/**
 * What in the air keeps an activity from having an hour: every beginning in which somebody works is tried, and counted
 * by what is against it.
 */
final readonly class Closed
{
    /**
     * @param list<GateReason> $reasons the one that closes most beginnings first
     * @param float $share of all tried beginnings that the first one closes, 0 to 1
     * @param float|null $opens first beginning that nothing in the air is against; null where there is none
     */
    private function __construct(public array $reasons, public float $share, public ?float $opens) {}

    /** Null where the air has nothing to do with it, or nobody works. */
    public static function of(Yard $yard, Activity $activity): ?self
    {
        $counts = [];
        $opens = null;
        $tried = 0;
        for ($hour = ceil($yard->now); $hour < $yard->end; ++$hour) {
            if (!self::isWorked($yard, $hour)) {
                continue;
            }
            ++$tried;
            $against = $activity->airAgainst($hour, $hour + ($activity->mayBeLeft() ? 1.0 : $activity->hours));
            if (null !== $activity->light && $activity->light->hours($hour, $hour + 0.5) < 0.5 - Interval::SAME) {
                $against = [GateReason::Dark, $hour];
            }
            if (null === $against) {
                $opens ??= $hour;
            } else {
                $counts[$against[0]->value] = ($counts[$against[0]->value] ?? 0) + 1;
            }
        }
        if ([] === $counts) {
            return null;
        }
        arsort($counts);

        return new self(
            array_map(GateReason::from(...), array_map('strval', array_keys($counts))),
            max($counts) / $tried,
            $opens,
        );
    }

    public function words(): Message
    {
        [$first, $second] = [$this->reasons[0] ?? GateReason::Cold, $this->reasons[1] ?? null];

        return match (true) {
            null !== $this->opens => Message::of(
                'in {share} % of the working hours {reason}',
                share: (int) round(100.0 * $this->share),
                reason: Message::of($first->words()),
            ),
            null === $second => Message::of('in every working hour {reason}', reason: Message::of($first->words())),
            default => Message::of(
                'in every working hour {reason}, or {other}',
                reason: Message::of($first->words()),
                other: Message::of($second->words()),
            ),
        };
    }

    private static function isWorked(Yard $yard, float $hour): bool
    {
        foreach ($yard->people as $person) {
            if ($person->work->hours($hour, $hour + 1.0) > 0.25) {
                return true;
            }
        }

        return false;
    }
}
