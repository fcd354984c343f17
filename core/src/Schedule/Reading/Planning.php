<?php

declare(strict_types=1);

namespace Hull\Schedule\Reading;

use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Piece\Hanging;
use Hull\Piece\Precedence;
use Hull\Piece\Register;
use Hull\Quantity\Instant;
use Hull\Quantity\Message;
use Hull\Schedule\Calendar\Crew;
use Hull\Schedule\Constraint\Activity;
use Hull\Schedule\Constraint\Airs;
use Hull\Schedule\Constraint\Yard;

/** A yard put together from the routes of its parts, the air of its places and the people who work there. */
final readonly class Planning
{
    /** Nothing is planned further ahead, days: the forecast is a guess long before. */
    public const DAYS = 45;

    /**
     * @param array<int|string, Workpiece> $pieces by part
     * @param array<int|string, Replayed> $done what the record says of each
     * @param array<int|string, string> $places part => place among all places of the yard
     * @param float $now hours since 1970 UTC
     * @param array<int|string, float> $dues hour by part
     * @param array<int|string, float> $deliveries hour by product that is not in the store
     * @param array<int|string, float> $pins hour by activity before which somebody does not want it
     * @param list<Precedence> $precedences between the parts of each piece
     * @param array<int|string, Register> $registers of the job of a part, where it has one
     * @param array<int|string, Hanging> $hanging of a part that hangs on another
     */
    public static function yard(
        array $pieces,
        array $done,
        array $places,
        Airs $airs,
        Crew $crew,
        \DateTimeZone $zone,
        float $now,
        array $dues = [],
        array $deliveries = [],
        array $pins = [],
        array $precedences = [],
        array $registers = [],
        array $hanging = [],
    ): Yard {
        $work = $finished = [];
        foreach ($pieces as $id => $piece) {
            $id = (string) $id;
            if ([] !== $done[$id]->finished) {
                $over = new Aftermath($id, $places[$id], $piece, $done[$id], $airs, $hanging[$id] ?? null);
                $finished = [...$finished, ...$over->at($now)];
            }
            $work = [
                ...$work,
                ...ChainReader::read(
                    id: $id,
                    at: $places[$id],
                    piece: $piece,
                    done: $done[$id],
                    airs: $airs,
                    now: $now,
                    deliveries: $deliveries,
                    hanging: $hanging[$id] ?? null,
                ),
            ];
        }
        $work = (new CrossLags($pieces, $done, $places, $airs, $hanging))->on($work, $precedences);
        $work = array_map(static function (Activity $a) use ($pieces, $zone): Activity {
            $begin = $pieces[$a->part]->part->begin;

            return null === $begin || null !== $a->fixed
                ? $a
                : $a->from(
                    Instant::hour(new \DateTimeImmutable($begin, $zone)),
                    'left for later by whoever surveyed it',
                );
        }, $work);
        $work = array_map(
            static fn(Activity $a): Activity => isset($registers[$a->part]) && null === $a->fixed
                ? self::awaiting($a, $pieces[$a->part], $registers[$a->part], $zone)
                : $a,
            $work,
        );
        $work = array_map(
            static fn(Activity $a): Activity => isset($pins[$a->id])
                ? $a->from($pins[$a->id], 'put there by hand')
                : $a,
            $work,
        );
        $end = $now + 24.0 * self::DAYS;
        $persons = $crew->persons($now, $end, $zone);
        $since = min([$now, ...array_map(static fn(Activity $a): float => $a->fixed->start ?? $now, $work)]);
        $underWay = new UnderWay($since < $now ? $crew->persons($since, $end, $zone) : $persons, $now);

        return new Yard(
            now: $now,
            end: $end,
            work: $underWay->in($work),
            people: $persons,
            floors: $crew->floors,
            gear: $crew->gear,
            dues: $dues,
            objective: $crew->objective,
            finished: $finished,
        );
    }

    /** What is ordered comes first: it is taken to be here by noon of its day. */
    private static function awaiting(Activity $a, Workpiece $piece, Register $register, \DateTimeZone $zone): Activity
    {
        $step = $piece->context->catalogue()->steps[$a->step] ?? null;
        $item = null === $step ? null : $register->awaited($step, $piece->part->id);

        return null === $item || null === $item->expected
            ? $a
            : $a->from(
                Instant::hour(new \DateTimeImmutable($item->expected . ' 12:00', $zone)),
                Message::of('waits for what is ordered: {item}', item: $item->words()),
            );
    }
}
