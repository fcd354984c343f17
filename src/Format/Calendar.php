<?php

declare(strict_types=1);

namespace App\Format;

use App\Plan\PlannedWork;
use Hull\Input\Node;
use Hull\Quantity\Instant;
use Hull\Schedule\Calendar\WorkingHours;
use Sabre\VObject\Component\VCalendar;

/** The schedule as iCalendar (RFC 5545): work, windows with alarms, working hours that come again every week. */
final class Calendar
{
    /** A window that closes calls so long before. */
    private const CALL = '-PT1H';
    private const YEARS = 3;

    /**
     * @param list<PlannedWork> $work
     * @param array<int|string, string> $parts name by part, with its job
     * @param list<array{string, string, float|null, float|null}> $windows id, name, opens, closes: hours since 1970 UTC
     * @param array<int|string, mixed> $crew as Hull\Schedule\Calendar\Crew was read from
     */
    public static function of(
        string $yard,
        array $work,
        array $parts,
        array $windows,
        array $crew,
        \DateTimeZone $zone,
        \DateTimeImmutable $now,
    ): string {
        $calendar = new VCalendar([
            'PRODID' => '-//Unbowed Hull//Schedule//EN',
            'X-WR-CALNAME' => $yard,
            'X-WR-TIMEZONE' => $zone->getName(),
            'REFRESH-INTERVAL;VALUE=DURATION' => 'PT1H',
        ]);
        self::zone($calendar, $zone, $now);
        foreach ($work as $w) {
            $rework = $w->rework > 0.0 ? ' (make good first)' : '';
            $calendar->add('VEVENT', [
                'UID' => sha1($w->id) . '@unbowed-hull',
                'DTSTAMP' => $now,
                'SUMMARY' => ($parts[$w->part] ?? '') . ': ' . $w->name . $rework,
                'DTSTART' => self::at($w->start),
                'DTEND' => self::at(max($w->end, $w->start + 1 / 60)),
                'LOCATION' => $w->place,
                'DESCRIPTION' => ucfirst((string) $w->says) . '.',
            ]);
        }
        foreach ($windows as [$id, $name, $opens, $closes]) {
            self::window($calendar, $id, $name, $opens, $closes, $now);
        }
        self::hours($calendar, $crew, $zone, $now);

        return $calendar->serialize();
    }

    private static function window(
        VCalendar $calendar,
        string $id,
        string $name,
        ?float $opens,
        ?float $closes,
        \DateTimeImmutable $now,
    ): void {
        if (null === $opens || null === $closes || $closes <= $opens) {
            return;
        }
        $event = $calendar->createComponent('VEVENT', [
            'UID' => sha1('window ' . $id) . '@unbowed-hull',
            'DTSTAMP' => $now,
            'SUMMARY' => 'Window: ' . $name,
            'DTSTART' => self::at($opens),
            'DTEND' => self::at($closes),
            'TRANSP' => 'TRANSPARENT',
            'DESCRIPTION' => 'The next coat may go on. Later the film has to be abraded first.',
        ]);
        foreach (
            [['START', 'PT0S', 'opens'], ['END', self::CALL, 'closes in an hour']]
            as [$related, $trigger, $says]
        ) {
            $alarm = $calendar->createComponent('VALARM', [
                'ACTION' => 'DISPLAY',
                'DESCRIPTION' => $name . ' ' . $says,
            ]);
            $alarm->add('TRIGGER', $trigger, ['RELATED' => $related]);
            $event->add($alarm);
        }
        $calendar->add($event);
    }

    /** @param array<int|string, mixed> $crew */
    private static function hours(VCalendar $calendar, array $crew, \DateTimeZone $zone, \DateTimeImmutable $now): void
    {
        $monday = $now->setTimezone($zone)->modify('monday this week midnight');
        $days = static fn(Node $n): array => array_map(
            static fn(Node $d): string => $d->text(),
            $n->optional('off')?->items(200) ?? [],
        );
        foreach (Node::root($crew)->optional('people')?->items() ?? [] as $person) {
            $name = $person->field('name')->text();
            $off = array_values(array_unique([...$days(Node::root($crew)), ...$days($person)]));
            foreach ($person->field('hours')->fields() as $day => $spans) {
                $date = $monday->modify('+' . (int) array_search($day, WorkingHours::DAYS, true) . ' days');
                foreach ($spans->items() as $n => $span) {
                    if (1 !== preg_match('/^(\d+):(\d+)\s*-\s*(\d+):(\d+)$/', $span->text(), $m)) {
                        continue;
                    }
                    $event = $calendar->createComponent('VEVENT', [
                        'UID' => sha1("hours $name $day $n") . '@unbowed-hull',
                        'DTSTAMP' => $now,
                        'SUMMARY' => $name . ' works',
                        'TRANSP' => 'TRANSPARENT',
                        'RRULE' => ['FREQ' => 'WEEKLY'],
                        'DTSTART' => $date->setTime((int) $m[1], (int) $m[2]),
                        'DTEND' => $date->setTime((int) $m[3], (int) $m[4]),
                    ]);
                    foreach ($off as $without) {
                        $event->add(
                            'EXDATE',
                            (new \DateTimeImmutable($without, $zone))->setTime((int) $m[1], (int) $m[2]),
                        );
                    }
                    $calendar->add($event);
                }
            }
        }
    }

    /** The zone with every change of its clocks for some years, so that what comes again keeps its hour on the wall. */
    private static function zone(VCalendar $calendar, \DateTimeZone $zone, \DateTimeImmutable $now): void
    {
        $from = $now->modify('-1 year')->getTimestamp();
        $changes = $zone->getTransitions($from, $now->modify('+' . self::YEARS . ' years')->getTimestamp());
        $component = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()], false);
        $before = null;
        foreach ($changes as $change) {
            $offset = $change['offset'];
            $part = $calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [], false);
            $part->add('DTSTART', gmdate('Ymd\THis', $change['ts'] + ($before ?? $offset)));
            $part->add('TZOFFSETFROM', self::offset($before ?? $offset));
            $part->add('TZOFFSETTO', self::offset($offset));
            $part->add('TZNAME', $change['abbr']);
            $component->add($part);
            $before = $offset;
        }
        $calendar->add($component);
    }

    private static function offset(int $seconds): string
    {
        return sprintf(
            '%s%02d%02d',
            $seconds < 0 ? '-' : '+',
            intdiv(abs($seconds), 3600),
            intdiv(abs($seconds) % 3600, 60),
        );
    }

    private static function at(float $hour): \DateTimeImmutable
    {
        return Instant::at($hour);
    }
}
