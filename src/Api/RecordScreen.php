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
use App\Work\Stored;
use App\Work\YardAir;
use Hull\Bench\Workpiece;
use Hull\Job\LogEntry;
use Hull\Route\Finding;
use Hull\Route\NoRoute;
use Hull\Route\RoutePlanner;
use Hull\Route\RouteStep;
use Psr\Clock\ClockInterface;

/** Builds the record screen: every line as written, and the surface they leave. */
final readonly class RecordScreen
{
    public function __construct(private Stored $stored, private Catalogues $catalogues, private YardAir $air, private ClockInterface $clock)
    {
    }

    public function view(PartRow $row, Shown $shown): RecordView
    {
        $at = $this->clock->now();
        $now = $at->format('Y-m-d\TH:i:s\Z');
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($at, $this->air->series($row));
        } catch (NoRoute $e) {
            $air = $this->stored->places($row->job)[$this->stored->part($row)->place]->air;

            return new RecordView((string) $row->id, $e->getMessage(), $now, '', 'steel', [], [], [], '', [], [], $shown->value($air->temperature), $shown->value($air->humidity));
        }
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
            (string) $row->id, '', $now, $piece->context->substrate()->name, $piece->context->substrate()->hatch, $this->entries($row, $piece, $shown), $facts, $layers, $replayed->state->phase()->words(),
            array_map(static fn (Finding $f): View\FindingView => Screens::finding($f), $replayed->findings),
            array_map(static fn (RouteStep $s): StepLine => new StepLine($s->key, $piece->check()->name($s), RoutePlanner::COAT === $s->step, RouteScreen::status($s->key, $replayed, $piece, $piece->route()), Screens::instant($replayed->started[$s->key] ?? null), Screens::instant($replayed->finished[$s->key] ?? null)), $piece->route()->steps),
            $shown->value($replayed->air->temperature),
            $shown->value($replayed->air->humidity),
        );
    }

    /** @return list<EntryView> newest first */
    private function entries(PartRow $row, Workpiece $piece, Shown $shown): array
    {
        $replaced = [];
        foreach ($row->log as $line) {
            if (null !== $line->corrects) {
                $replaced[$line->corrects] = true;
            }
        }
        $views = [];
        foreach ($row->log as $line) {
            $views[] = $this->entry(Stored::entry($line), $line, $piece, isset($replaced[$line->entryId]), $shown);
        }

        return array_reverse($views);
    }

    private function entry(LogEntry $e, LogRow $line, Workpiece $piece, bool $replaced, Shown $shown): EntryView
    {
        $key = $e->stepKey;
        foreach (null === $key ? $line->part->log : [] as $other) {
            $key = $other->entryId === $e->corrects ? $other->stepKey : $key;
        }
        $step = null === $key ? null : $this->step($key, $line->part, $piece);

        return new EntryView($e->id, $e->kind->value, $e->stepKey, $step ?? '', $e->at->format('Y-m-d\TH:i:s\Z'), $line->writtenAt->format('Y-m-d\TH:i:s\Z'), null === $e->air ? '' : $shown->value($e->air->temperature)->text, null === $e->air ? '' : $shown->value($e->air->humidity)->text, null === $e->used ? '' : $shown->value($e->used)->text, null === $e->film ? '' : $shown->value($e->film)->text, null === $e->rule ? $e->note : sprintf('%s: %s (%s)', $e->by, $e->note, $piece->context->catalogue()->rule($e->rule)->need->says ?? $e->rule), $e->corrects, $e->withdrawn, $replaced, $line->hand);
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
