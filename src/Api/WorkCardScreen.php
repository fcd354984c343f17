<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\CardFigure;
use App\Api\View\DimensionField;
use App\Api\View\DrawingView;
use App\Api\View\MarkView;
use App\Api\View\Option;
use App\Api\View\WorkCardsView;
use App\Api\View\WorkCardView;
use App\Api\View\WorkKindView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Work\RowMapper;
use Hull\Bench\Workpiece;
use Hull\Catalog\Catalogue;
use Hull\Catalog\Caution;
use Hull\Catalog\Protection;
use Hull\Compute\Field;
use Hull\Input\InvalidInput;
use Hull\Job\Part;
use Hull\Job\SavedCard;
use Hull\Route\NoRoute;
use Hull\WorkCard\Card;
use Hull\WorkCard\Drawing;
use Hull\WorkCard\Figure;
use Hull\WorkCard\Kind;
use Hull\WorkCard\Mark;
use Hull\WorkCard\SavedCards;

/** Builds the work cards of a job: pours, baths, laminates, cans. */
final readonly class WorkCardScreen
{
    public function __construct(private RowMapper $stored, private Catalogues $catalogues) {}

    public function view(JobRow $row, UnitPresenter $shown): WorkCardsView
    {
        $parts = $this->stored->job($row)->parts;

        return new WorkCardsView(
            (string) $row->id,
            array_values(array_map(self::kind(...), $this->saved($row)->kinds)),
            array_map(
                fn(SavedCard $k): WorkCardView => $this->card($row, $k, $shown),
                $this->stored->cards($row, self::ids($parts)),
            ),
            array_map(static fn(Part $p): Option => new Option($p->id, $p->name, ''), $parts),
        );
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<string>
     */
    public static function ids(array $parts): array
    {
        return array_map(static fn(Part $p): string => $p->id, $parts);
    }

    /** Worked out anew; what stands in the way is said in its place. */
    public function card(JobRow $row, SavedCard $kept, UnitPresenter $shown): WorkCardView
    {
        $piece = $this->piece($row, $kept->part);
        try {
            return self::worked(
                $this->catalogues->for($row->workshop),
                $this->saved($row)->kind($kept),
                $kept,
                $this->saved($row)->work($kept, $piece),
                $piece,
                $shown,
            );
        } catch (InvalidInput $e) {
            return $this->blank(
                $this->saved($row)->kind($kept),
                $kept,
                $piece,
                $e->getMessage() . ('' === $e->accepted ? '' : ' Accepted: ' . $e->accepted . '.'),
                ltrim($e->pointer, '/'),
            );
        } catch (NoRoute $e) {
            return $this->blank($this->saved($row)->kind($kept), $kept, $piece, $e->getMessage(), 'part');
        }
    }

    private function saved(JobRow $row): SavedCards
    {
        return new SavedCards($this->catalogues->for($row->workshop)->figures);
    }

    private function piece(JobRow $row, ?string $part): ?Workpiece
    {
        foreach (null === $part ? [] : $row->parts as $candidate) {
            if (($candidate->survey['id'] ?? '') === $part) {
                try {
                    return $this->stored->workpiece($candidate);
                } catch (NoRoute) {
                    return null;
                }
            }
        }

        return null;
    }

    private function blank(Kind $kind, SavedCard $kept, ?Workpiece $piece, string $error, string $field): WorkCardView
    {
        [$inputs, $rows] = self::typed($kept);

        return new WorkCardView(
            id: $kept->id,
            kind: $kind->id(),
            kindName: $kind->name(),
            name: $kept->name,
            part: $kept->part ?? '',
            partName: $piece->part->name ?? '',
            inputs: $inputs,
            rows: $rows,
            figures: [],
            drawing: null,
            steps: [],
            warnings: [],
            cautions: [],
            wear: [],
            error: $error,
            errorField: $field,
        );
    }

    private static function worked(
        Catalogue $catalogue,
        Kind $kind,
        SavedCard $kept,
        Card $card,
        ?Workpiece $piece,
        UnitPresenter $shown,
    ): WorkCardView {
        [$inputs, $rows] = self::typed($kept);
        $cautions = array_map(static fn(string $id): Caution => $catalogue->cautions[$id], $card->cautions);

        return new WorkCardView(
            id: $kept->id,
            kind: $kind->id(),
            kindName: $kind->name(),
            name: $kept->name,
            part: $kept->part ?? '',
            partName: $piece->part->name ?? '',
            inputs: $inputs,
            rows: $rows,
            figures: array_map(
                static fn(Figure $f): CardFigure => new CardFigure($f->label, $shown->value($f->value, $f->from)),
                $card->figures,
            ),
            drawing: self::drawing($card->drawing, $shown),
            steps: $card->steps,
            warnings: $card->warnings(),
            cautions: array_map(static fn(Caution $c): string => $c->name, $cautions),
            wear: array_map(static fn(Protection $p): string => $p->name, $catalogue->protectionFor($cautions)),
            error: '',
            errorField: '',
        );
    }

    private static function drawing(Drawing $d, UnitPresenter $shown): DrawingView
    {
        $w = max(1e-9, $d->width);
        $h = max(1e-9, $d->height);

        return new DrawingView(
            $h / $w,
            $d->caption,
            array_map(
                static fn(Mark $m): MarkView => new MarkView(
                    $m->role,
                    $m->x / $w,
                    $m->y / $h,
                    $m->width / $w,
                    $m->height / $h,
                    $m->label ?? '',
                ),
                $d->marks,
            ),
        );
    }

    /**
     * @return array{array<int|string, string>, list<array<int|string, string>>} single fields, and the rows of the one
     *                                                                           that is a list
     */
    private static function typed(SavedCard $kept): array
    {
        $inputs = [];
        $rows = [];
        foreach ($kept->inputs as $name => $value) {
            if (is_array($value)) {
                foreach ($value as $row) {
                    $rows[] = self::words(is_array($row) ? $row : []);
                }
            } else {
                $inputs[$name] = is_scalar($value) ? (string) $value : '';
            }
        }

        return [$inputs, $rows];
    }

    /**
     * @param array<array-key, mixed> $row
     *
     * @return array<int|string, string>
     */
    private static function words(array $row): array
    {
        $words = [];
        foreach ($row as $name => $value) {
            $words[(string) $name] = is_scalar($value) ? (string) $value : '';
        }

        return $words;
    }

    private static function kind(Kind $kind): WorkKindView
    {
        $single = [];
        $rows = null;
        foreach ($kind->fields() as $field) {
            if ([] === $field->of) {
                $single[] = self::field($field);
            } else {
                $rows = $field;
            }
        }
        $sample = [];
        $sampleRows = [];
        foreach ($kind->sample() as $name => $value) {
            if (is_array($value)) {
                $sampleRows = $value;
            } else {
                $sample[$name] = $value;
            }
        }

        return new WorkKindView(
            id: $kind->id(),
            name: $kind->name(),
            hint: $kind->hint(),
            fields: $single,
            rowsField: $rows->name ?? '',
            rowFields: array_map(self::field(...), $rows->of ?? []),
            sample: $sample,
            sampleRows: $sampleRows,
        );
    }

    private static function field(Field $f): DimensionField
    {
        return new DimensionField(
            name: $f->name,
            label: $f->label,
            kind: [] !== $f->options ? 'choice' : ($f->ratio ? 'ratio' : 'quantity'),
            required: $f->required,
            options: $f->options,
            start: '',
            usual: '',
        );
    }
}
