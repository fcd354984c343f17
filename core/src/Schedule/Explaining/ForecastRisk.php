<?php

declare(strict_types=1);

namespace Hull\Schedule\Explaining;

use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Yard;
use Hull\Schedule\Placing\Schedule;
use Hull\Schedule\Replanning\Move;
use Hull\Schedule\Replanning\TrialMove;

/**
 * What of a schedule holds only as long as the forecast does: everything tried where it stands, in the air as it may
 * come colder and warmer. Nobody acts on what may come later than in some days, nor on a wait that is only a little
 * longer.
 */
final readonly class ForecastRisk
{
    public const AHEAD_H = 120.0;

    private function __construct(public string $edge, public TrialMove $breaks) {}

    /**
     * @param array<int|string, Yard> $edges the same yard in other air, by what that is: colder, warmer
     *
     * @return array<int|string, list<self>> by activity
     */
    public static function of(Schedule $schedule, array $edges): array
    {
        $hangs = [];
        foreach ($schedule->placed as $id => $placed) {
            if (
                null !== $schedule->yard->activity($id)->fixed ||
                $placed->start > $schedule->yard->now + self::AHEAD_H
            ) {
                continue;
            }
            foreach ($edges as $edge => $yard) {
                $edge = (string) $edge;
                $breaks = isset($yard->activities[$id])
                    ? TrialMove::standing($yard, $yard->activity($id), $schedule->placed)
                    : [];
                foreach ($breaks as $break) {
                    if (TrialMove::SOON !== $break->kind || $break->until - $placed->start > Move::SLIP_H) {
                        $hangs[$id][] = new self($edge, $break);
                        break;
                    }
                }
            }
        }

        return $hangs;
    }

    public function words(Yard $yard): Message
    {
        return Message::of(
            'if it comes {edge} than forecast: {what}',
            edge: Message::of($this->edge),
            what: Message::sentence($this->breaks->words($yard)),
        );
    }
}
