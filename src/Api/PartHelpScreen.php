<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\HalfView;
use App\Api\View\HelpView;
use App\Api\View\RemedyView;
use App\Api\View\YearView;
use App\Catalog\Catalogues;
use App\Entity\PartRow;
use App\Work\PartHelp;
use App\Work\RowMapper;
use App\Work\YardPlan;
use Hull\Climate\Season;
use Hull\Quantity\Instant;
use Hull\Quantity\Message;
use Hull\Route\NoRoute;
use Hull\Schedule\Explaining\HalfMonth;
use Hull\Schedule\Explaining\Remedy;

/** What would give one part its hours, and when in a usual year it has them. */
final readonly class PartHelpScreen
{
    /** Behind every day of this and the next hundred years. */
    private const WAITS = 100_000;
    private const ANY_TIME = 1_000_000;

    public function __construct(private PartHelp $help, private RowMapper $stored, private Catalogues $catalogues) {}

    public function help(PartRow $row): HelpView
    {
        [$lost, $remedies, $season] = $this->help->of($row);
        $place = $lost->at ?? $this->stored->workpiece($row)->place->name;

        return new HelpView(
            part: (string) $row->id,
            says: $lost->says ?? '',
            remedies: array_map(
                static fn(Remedy $r): RemedyView => new RemedyView(
                    $r->how,
                    $r->words($place),
                    Screens::instant($r->opens) ?? '',
                    Screens::instant($r->finish) ?? '',
                    $r->takes(),
                ),
                $remedies,
            ),
            season: $season?->words($place),
            climate: $this->climate($row)->name,
        );
    }

    public function year(PartRow $row): YearView
    {
        try {
            $year = $this->help->year($row);
        } catch (NoRoute $e) {
            $year = [];
            $obstacle = $e->says;
        }

        [$until, $from] = self::turns($year);

        return new YearView(
            part: (string) $row->id,
            says: $obstacle ?? self::says($year),
            halves: array_map(
                static fn(HalfMonth $h): HalfView => new HalfView(
                    Instant::at($h->from)->format('Y-m-d'),
                    $h->isOpen(),
                    null === $h->finish ? null : Instant::at($h->finish)->format('Y-m-d'),
                ),
                $year,
            ),
            climate: $this->climate($row)->name,
            until: $until,
            from: $from,
            urgency: self::urgency($year, $until, $from),
        );
    }

    /**
     * @param list<HalfMonth> $year
     *
     * @return array{string|null, string|null} days: the first half in which it no longer can be begun, where it can
     *     now; the first in which it can, where it cannot now
     */
    private static function turns(array $year): array
    {
        $isOpen = ($year[0] ?? null)?->isOpen() ?? true;
        foreach ($year as $half) {
            if ($half->isOpen() !== $isOpen) {
                $day = Instant::at($half->from)->format('Y-m-d');

                return $isOpen ? [$day, null] : [null, $day];
            }
        }

        return [null, null];
    }

    /** @param list<HalfMonth> $year */
    private static function urgency(array $year, ?string $until, ?string $from): int
    {
        $day = static fn(string $day): int => intdiv((new \DateTimeImmutable($day))->getTimestamp(), 86_400);

        return match (true) {
            null !== $until => $day($until),
            null !== $from => self::WAITS + $day($from),
            [] !== $year && $year[0]->isOpen() => self::ANY_TIME,
            default => 0,
        };
    }

    /** @param list<HalfMonth> $year */
    private static function says(array $year): string|Message
    {
        $day = static fn(HalfMonth $h): string => Instant::at($h->from)->format('j F');
        $turns = [];
        foreach ($year as $n => $half) {
            if (0 === $n || $half->isOpen() !== $year[$n - 1]->isOpen()) {
                $turns[] = $half;
            }
        }
        $from = array_values(array_filter($turns, static fn(HalfMonth $h): bool => $h->isOpen()))[0] ?? null;
        if (null === $from) {
            return 'At no time of a usual year: it wants another place, heat, or another film.';
        }
        if (1 === count($turns)) {
            return 'At any time of a usual year.';
        }
        if ($from === $turns[0]) {
            return isset($turns[2])
                ? Message::of(
                    'Begun before about {until} it can be closed, or from {again} on.',
                    until: $day($turns[1]),
                    again: $day($turns[2]),
                )
                : Message::of(
                    'Begun before about {until} it can be closed; then it waits for next year.',
                    until: $day($turns[1]),
                );
        }

        return isset($turns[2])
            ? Message::of(
                'It waits for about {from}, and can be begun until {until}.',
                from: $day($from),
                until: $day($turns[2]),
            )
            : Message::of('It waits for about {from}.', from: $day($from));
    }

    private function climate(PartRow $row): Season
    {
        return $this->catalogues->for($row->workshop)->season(YardPlan::crew($row->workshop)->climate);
    }
}
