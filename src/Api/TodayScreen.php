<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\JobList;
use App\Api\View\JobView;
use App\Api\View\PartLine;
use App\Api\View\PlaceLine;
use App\Api\View\TodayCard;
use App\Api\View\TodayView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Work\DerivedOfParts;
use App\Work\RegisterBook;
use App\Work\RowMapper;
use App\Work\YardAir;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Job\Place;
use Hull\Job\RouteStep;
use Hull\Piece\Whereabouts;
use Hull\Quantity\Duration;
use Hull\Quantity\Instant;
use Hull\Quantity\Message;
use Hull\Quantity\TemperatureDifference;
use Hull\Route\NoRoute;
use Hull\Schedule\Reading\ChainReader;
use Hull\Surface\FilmPhase;
use Psr\Clock\ClockInterface;

/** Builds the first screen: what wants you now, and the jobs behind it. */
final readonly class TodayScreen
{
    /** Steps that are not begun where the film they lead to may not go on. */
    private const FILM = ['coat', 'last-wipe'];
    private const URGENCY = ['now' => 0, 'soon' => 1, 'work' => 2, 'wait' => 3, 'done' => 4];

    public function __construct(
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private RegisterBook $register,
        private DerivedOfParts $derived,
        private ClockInterface $clock,
    ) {}

    /** @param list<JobRow> $jobs */
    public function view(array $jobs, UnitPresenter $shown): TodayView
    {
        $cards = [];
        foreach ($jobs as $job) {
            $tags ??= $this->register->fingerprints($job->workshop);
            $air ??= $this->air->allMadeFrom($job->workshop);
            // Within its minute, as the whole answer is.
            $besides = [
                intdiv($this->clock->now()->getTimestamp(), 60),
                $air,
                $tags[(string) $job->id] ?? '',
                $job->workshop->timezone,
                $job->name,
                DerivedOfParts::routes($job),
            ];
            $card = fn(PartRow $part): TodayCard => $this->card($part, $shown);
            $made = $this->derived->of($job, TodayCard::class, $card, $shown->units->value, implode('/', $besides));
            $cards = [...$cards, ...array_values($made)];
        }
        usort(
            $cards,
            static fn(TodayCard $a, TodayCard $b): int => [
                self::URGENCY[$a->urgency],
                $a->window->closesAt ?? '9',
            ] <=> [self::URGENCY[$b->urgency], $b->window->closesAt ?? '9'],
        );

        return new TodayView($this->clock->now()->format('Y-m-d\TH:i:s\Z'), $cards);
    }

    /** @param list<JobRow> $jobs */
    public function jobs(array $jobs): JobList
    {
        return new JobList(array_map($this->job(...), $jobs));
    }

    public function job(JobRow $row): JobView
    {
        $lines = array_values(array_map($this->line(...), $row->parts->toArray()));

        return new JobView(
            id: (string) $row->id,
            name: $row->name,
            note: $row->note,
            parts: $lines,
            without: $row->without,
            places: $this->places($row),
            closedAt: $row->closedAt?->format('Y-m-d\TH:i:s\Z'),
            handedOver: [] !== $lines &&
                !in_array(false, array_map(static fn(PartLine $l): bool => $l->handedOver, $lines), true),
        );
    }

    /** @return list<PlaceLine> */
    private function places(JobRow $row): array
    {
        $users = $this->stored->users($row);

        return array_map(
            static fn(Place $p): PlaceLine => new PlaceLine(
                id: $p->id,
                name: $p->name,
                kind: $p->kind,
                temperature: $p->air->temperature->value(),
                humidity: $p->air->humidity->value(),
                hazards: $p->hazards,
                users: $users[$p->id] ?? [],
            ),
            array_values($this->stored->places($row)),
        );
    }

    private function line(PartRow $row): PartLine
    {
        $part = $this->stored->part($row);
        $substrate = $this->catalogues->for($row->workshop)->substrate($part->substrate)->name;
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
            $remaining = Workpiece::remaining($piece->route(), $replayed);

            return new PartLine(
                id: (string) $row->id,
                slug: $part->id,
                name: $part->name,
                substrate: $substrate,
                zoneOf: $part->zoneOf ?? '',
                stepsDone: count($piece->route()->steps) - count($remaining),
                stepsAll: count($piece->route()->steps),
                next: null === ($next = $piece->next($replayed)) ? 'handed over' : $piece->check()->name($next),
                handedOver: null === $next,
            );
        } catch (NoRoute $e) {
            return new PartLine(
                id: (string) $row->id,
                slug: $part->id,
                name: $part->name,
                substrate: $substrate,
                zoneOf: $part->zoneOf ?? '',
                stepsDone: 0,
                stepsAll: 0,
                next: 'no order of work yet',
                handedOver: false,
            );
        }
    }

    private function card(PartRow $row, UnitPresenter $shown): TodayCard
    {
        $at = $this->clock->now();
        $now = Instant::hour($at);
        $part = $this->stored->part($row);
        $place = $this->stored->places($row->job)[$part->place];
        $air = static fn(\Hull\Climate\Air $a): string => $shown->value($a->temperature)->text .
            ' · ' .
            $shown->value($a->humidity)->text;
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($at, $this->air->series($row));
        } catch (NoRoute $e) {
            $gate = WindowScreen::gate($place->air);

            return new TodayCard(
                partId: (string) $row->id,
                part: $part->name,
                job: $row->job->name,
                place: $place->name,
                air: $air($place->air),
                dewMargin: $shown->of($gate, 'margin', TemperatureDifference::class),
                mayCoat: $gate->flag('open'),
                doing: '',
                next: '',
                nextHow: $e->getMessage(),
                window: null,
                urgency: 'work',
                message: 'No order of work leads to the end yet.',
                closing: [],
                marked: false,
            );
        }
        $gate = WindowScreen::gate($replayed->air, $piece, $replayed->finished);
        $remaining = Workpiece::remaining($piece->route(), $replayed);
        $next = $piece->next($replayed);
        $bands = WindowScreen::bands($replayed->coats, $now);
        $band = $bands[count($bands) - 1] ?? null;
        $running =
            array_values(
                array_filter($remaining, static fn(RouteStep $s): bool => isset($replayed->started[$s->key])),
            )[0] ?? null;
        $coatsLeft = [] !== array_filter($remaining, static fn(RouteStep $s): bool => null !== $s->product);
        [$urgency, $message] = $this->urgency(
            phase: $replayed->state->phase(),
            band: $band,
            coatsLeft: $coatsLeft,
            finished: null === $next,
            fresh: [] === $replayed->finished,
            now: $now,
            shown: $shown,
        );
        $waits = null !== $next && $this->catalogues->for($row->workshop)->step($next->step)->isWait();
        if ('work' === $urgency && null !== $next && ($waits || self::works($piece, $replayed))) {
            $until = $this->waitsFor($row, $piece, $replayed, $now);
            [$urgency, $message] = match (true) {
                null !== $until => ['wait', $until],
                $waits => ['wait', 'It may be over: test it, then log it.'],
                default => [$urgency, $message],
            };
        }
        if (
            'work' === $urgency &&
            null !== $next &&
            !$gate->flag('open') &&
            [] !== array_intersect(self::FILM, $this->catalogues->for($row->workshop)->step($next->step)->tags)
        ) {
            [$urgency, $message] = [
                'wait',
                Message::row(array_map(Message::sentence(...), ['No film in this air.', ...$gate->outcome->warnings])),
            ];
        }
        $weather = $replayed->weather();
        if (null !== $weather) {
            [$urgency, $message] = [
                'now',
                Message::of(
                    '{weather}. Look at it and write what you find.',
                    weather: Message::sentence($weather->says),
                ),
            ];
        }
        $on = $this->hangsIn($row, $piece, $replayed, $next);
        $nextStep = null === $next ? null : $this->catalogues->for($row->workshop)->step($next->step);

        return new TodayCard(
            partId: (string) $row->id,
            part: $part->name,
            job: $row->job->name,
            place: null === $on ? $place->name : $on,
            air: $air(null === $on ? $replayed->air : $this->air->airs($row->workshop)->at($on)->airAt($now)),
            dewMargin: $shown->of($gate, 'margin', TemperatureDifference::class),
            mayCoat: $gate->flag('open'),
            doing: null === $running ? '' : $piece->check()->name($running),
            next: null === $next ? '' : $piece->check()->name($next),
            nextHow: $nextStep->how ?? '',
            window: $band,
            urgency: $urgency,
            message: $message,
            closing: null === $next ? [] : $this->register->against($row, $next),
            marked: [] !== $replayed->marked,
        );
    }

    /** Name of the place in which it is worked next where that is its carrier's; null where it is its own. */
    private function hangsIn(PartRow $row, Workpiece $piece, Replayed $replayed, ?RouteStep $next): ?string
    {
        $own = YardAir::key($piece->place);
        $hanging = $this->stored->hanging($row->job)[(string) $row->id] ?? null;
        if (null === $hanging || null === $next) {
            return null;
        }
        $at = (new Whereabouts($piece, $own, $hanging, $replayed->finished))->at($next->key)->at;

        return $at === $own ? null : $at;
    }

    /** What was finished last has hours of its own to work in. */
    private static function works(Workpiece $piece, Replayed $replayed): bool
    {
        $key = $replayed->last();
        $last = null === $key ? null : $piece->route()->find($key);
        $takes = null === $last ? null : $piece->context->catalogue()->step($last->step)->takes;

        return null !== $takes && ($takes->waitHours > 0.0 || null !== $takes->waitFor);
    }

    /** What hands-on work waits for, and until about when; null where it waits for nothing. */
    private function waitsFor(PartRow $row, Workpiece $piece, Replayed $replayed, float $now): ?Message
    {
        $first = ChainReader::first(
            id: (string) $row->id,
            at: YardAir::key($piece->place),
            piece: $piece,
            done: $replayed,
            airs: $this->air->airs($row->workshop),
            now: $now,
            hanging: $this->stored->hanging($row->job)[(string) $row->id] ?? null,
        );
        if (null === $first || $first->notBefore <= $now) {
            return null;
        }
        $until = is_finite($first->notBefore)
            ? Instant::at($first->notBefore)->setTimezone(new \DateTimeZone($row->workshop->timezone))->format('D H:i')
            : Message::of('not in this air');

        return Message::of(
            'Not yet: {what}, until about {until} (estimate; test it).',
            what: Message::sentence($first->because),
            until: $until,
        );
    }

    /** @return array{string, string|Message} */
    private function urgency(
        FilmPhase $phase,
        ?View\WindowBand $band,
        bool $coatsLeft,
        bool $finished,
        bool $fresh,
        float $now,
        UnitPresenter $shown,
    ): array {
        $in = static fn(?string $instant): Message|Duration => null === $instant
            ? Message::of('not at this temperature')
            : Duration::hours(max(0.0, Instant::hour(new \DateTimeImmutable($instant)) - $now));
        if ($finished) {
            return ['done', 'Handed over.'];
        }
        if ($coatsLeft && null !== $band) {
            return match ($phase) {
                FilmPhase::Open => [
                    'now',
                    null === $band->closesAt
                        ? 'The window is open.'
                        : Message::of('The window closes in {time}.', time: $in($band->closesAt)),
                ],
                FilmPhase::Shut => ['wait', 'A new coat would lift this one now: let it harden first.'],
                FilmPhase::Lapsed, FilmPhase::Cured => ['soon', 'The window has closed: abrade before the next coat.'],
                default => ['wait', Message::of('The window opens in {time}.', time: $in($band->opensAt))],
            };
        }
        if (null !== $band && FilmPhase::Cured !== $phase) {
            return ['wait', Message::of('Curing; full cure in {time}.', time: $in($band->fullAt))];
        }

        return ['work', $fresh ? 'Not begun.' : 'Ready for the next step.'];
    }
}
