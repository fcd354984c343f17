<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\EntryView;
use App\Api\View\FactView;
use App\Api\View\RecordView;
use App\Api\View\StepLine;
use App\Catalog\Catalogues;
use App\Entity\LogRow;
use App\Entity\PartRow;
use App\Work\RegisterBook;
use App\Work\RowMapper;
use App\Work\TinLedger;
use App\Work\YardAir;
use Hull\Bench\Workpiece;
use Hull\Job\LogEntry;
use Hull\Job\RouteStep;
use Hull\Quantity\Message;
use Hull\Quantity\Quantity;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;

/** Builds the record screen: every line as written, and the surface they leave. */
final readonly class RecordScreen
{
    public function __construct(
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private RegisterBook $register,
        private TinLedger $store,
        private AirWords $words,
        private ClockInterface $clock,
    ) {}

    public function view(PartRow $row, UnitPresenter $shown): RecordView
    {
        $at = $this->clock->now();
        $now = $at->format('Y-m-d\TH:i:s\Z');
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($at, $this->air->series($row));
        } catch (NoRoute $e) {
            $air = $this->stored->places($row->job)[$this->stored->part($row)->place]->air;

            return new RecordView(
                partId: (string) $row->id,
                obstacle: $e->says,
                now: $now,
                substrate: '',
                substrateHatch: 'steel',
                entries: [],
                facts: [],
                layers: [],
                phaseWords: '',
                findings: [],
                steps: [],
                temperature: $shown->value($air->temperature),
                humidity: $shown->value($air->humidity),
                airSource: 'as set for the place',
                units: $shown->units->value,
                jobId: (string) $row->job->id,
                closing: [],
                marked: false,
            );
        }
        $next = $piece->next($replayed);
        $facts = [];
        foreach ($replayed->state->facts as $id => $level) {
            $id = (string) $id;
            $fact = $this->catalogues->for($row->workshop)->facts[$id];
            $facts[] = new FactView($id, $fact->name, $fact->kind, round($level, 2));
        }
        $layers = [];
        foreach ($replayed->state->films as $index => $film) {
            $layers[] = Screens::layer($film, $shown, true, $replayed->coats[$index]->stepKey ?? '');
        }

        return new RecordView(
            partId: (string) $row->id,
            obstacle: '',
            now: $now,
            substrate: $piece->context->substrate()->name,
            substrateHatch: $piece->context->substrate()->hatch,
            entries: $this->entries($row, $piece, $shown),
            facts: $facts,
            layers: $layers,
            phaseWords: $replayed->state->phase()->words(),
            findings: array_map(static fn(Finding $f): View\FindingView => Screens::finding($f), $replayed->findings),
            steps: array_map(
                static fn(RouteStep $s): StepLine => new StepLine(
                    $s->key,
                    $piece->check()->name($s),
                    $piece->context->catalogue()->coat === $s->step,
                    RouteScreen::status($s->key, $replayed, $piece, $piece->route()),
                    Screens::instant($replayed->started[$s->key] ?? null),
                    Screens::instant($replayed->finished[$s->key] ?? null),
                ),
                $piece->route()->steps,
            ),
            temperature: $shown->value($replayed->air->temperature),
            humidity: $shown->value($replayed->air->humidity),
            airSource: $this->words->source($row),
            units: $shown->units->value,
            jobId: (string) $row->job->id,
            closing: null === $next ? [] : $this->register->against($row, $next),
            marked: [] !== $replayed->marked,
        );
    }

    /** @return list<EntryView> newest first; a correction stands with what it corrects */
    private function entries(PartRow $row, Workpiece $piece, UnitPresenter $shown): array
    {
        $lines = [];
        foreach ($row->log as $line) {
            $lines[$line->entryId] = $line;
        }
        $replaced = array_fill_keys(
            array_filter(
                array_map(static fn(LogRow $l): ?string => $l->corrects, array_values($lines)),
                static fn(?string $id): bool => null !== $id,
            ),
            true,
        );
        $root = static function (LogRow $line) use ($lines): LogRow {
            for ($seen = 0; null !== $line->corrects && isset($lines[$line->corrects]) && $seen < 1000; ++$seen) {
                $line = $lines[$line->corrects];
            }

            return $line;
        };
        // When it happened, as last said of it.
        $happened = [];
        foreach ($lines as $line) {
            $happened[$root($line)->entryId] = $line->at;
        }
        $order = array_values($lines);
        usort(
            $order,
            static fn(LogRow $a, LogRow $b): int => [$happened[$root($b)->entryId], $root($b)->number, $b->number] <=> [
                $happened[$root($a)->entryId],
                $root($a)->number,
                $a->number,
            ],
        );

        $batches = $this->store->batches($order);

        return array_map(
            fn(LogRow $l): EntryView => $this->entry(
                e: RowMapper::entry($l),
                line: $l,
                piece: $piece,
                replaced: isset($replaced[$l->entryId]),
                shown: $shown,
                changes: null === $l->corrects || !isset($lines[$l->corrects])
                    ? []
                    : self::changes(
                        RowMapper::entry($l),
                        RowMapper::entry($lines[$l->corrects]),
                        new \DateTimeZone($row->workshop->timezone),
                        $shown,
                    ),
                batches: $batches[(string) $l->id] ?? [],
            ),
            $order,
        );
    }

    /** @return list<string|Message> */
    private static function changes(LogEntry $now, LogEntry $was, \DateTimeZone $zone, UnitPresenter $shown): array
    {
        $said = static fn(?Quantity $q): string => null === $q ? '' : $shown->value($q)->text;
        $time = static fn(LogEntry $e): string => $e->at->setTimezone($zone)->format('j M H:i');
        $changes = [];
        foreach (
            [
                ['time', $time($now), $time($was)],
                ['temperature', $said($now->air?->temperature), $said($was->air?->temperature)],
                ['humidity', $said($now->air?->humidity), $said($was->air?->humidity)],
                ['paint used', $said($now->used), $said($was->used)],
                ['dry film', $said($now->film), $said($was->film)],
                ['note', $now->note, $was->note],
            ]
            as [$what, $is, $before]
        ) {
            if ('' !== $is && $is !== $before) {
                $changes[] = Message::of(
                    '{what} {is}, was {was}',
                    what: $what,
                    is: 'note' === $what ? '"' . $is . '"' : $is,
                    was: '' === $before ? Message::of('not said') : ('note' === $what ? '"' . $before . '"' : $before),
                );
            }
        }

        return $now->withdrawn ? ['it did not happen'] : $changes;
    }

    /**
     * @param list<string|Message> $changes
     * @param list<string> $batches
     */
    private function entry(
        LogEntry $e,
        LogRow $line,
        Workpiece $piece,
        bool $replaced,
        UnitPresenter $shown,
        array $changes,
        array $batches,
    ): EntryView {
        $key = $e->stepKey;
        foreach (null === $key ? $line->part->log : [] as $other) {
            $key = $other->entryId === $e->corrects ? $other->stepKey : $key;
        }
        $step = null === $key ? null : $this->step($key, $line->part, $piece);

        return new EntryView(
            id: $e->id,
            kind: $e->kind->value,
            stepKey: $e->stepKey,
            stepName: $step ?? '',
            at: $e->at->format('Y-m-d\TH:i:s\Z'),
            writtenAt: $line->writtenAt->format('Y-m-d\TH:i:s\Z'),
            temperature: null === $e->air ? '' : $shown->value($e->air->temperature)->text,
            humidity: null === $e->air ? '' : $shown->value($e->air->humidity)->text,
            used: null === $e->used ? '' : $shown->value($e->used)->text,
            batches: array_values(array_filter($batches, static fn(string $b): bool => '' !== $b)),
            film: null === $e->film ? '' : $shown->value($e->film)->text,
            note: null === $e->rule
                ? $e->note
                : sprintf(
                    '%s: %s (%s)',
                    $e->by,
                    $e->note,
                    $piece->context->catalogue()->rule($e->rule)->need->says ?? $e->rule,
                ),
            corrects: $e->corrects,
            withdrawn: $e->withdrawn,
            replaced: $replaced,
            hand: $line->hand,
            changes: $changes,
        );
    }

    /** The step's name, from the version of the route that still had it. */
    private function step(string $key, PartRow $row, Workpiece $piece): ?string
    {
        $step = $piece->route()->find($key);
        foreach (null === $step ? $row->routes : [] as $version) {
            foreach ($version->steps as $stored) {
                if (($stored['key'] ?? '') === $key) {
                    return $this->catalogues->for($row->workshop)->steps[$stored['step'] ?? '']->name ?? null;
                }
            }
        }

        return null === $step ? null : $piece->check()->name($step);
    }
}
