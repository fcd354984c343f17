<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\AimView;
use App\Api\View\FilmLayerView;
use App\Api\View\FilmOption;
use App\Api\View\FilmPlanView;
use App\Api\View\FilmsView;
use App\Api\View\Option;
use App\Catalog\Catalogues;
use App\Entity\PartRow;
use App\Work\RowMapper;
use App\Work\TinLedger;
use App\Work\YardAir;
use Hull\Bench\FilmPlan;
use Hull\Bench\RouteFigures;
use Hull\Catalog\Capability;
use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\Protection;
use Hull\Catalog\SystemLayer;
use Hull\Job\LayerWish;
use Hull\Job\Part;
use Hull\Pack\Pack;
use Hull\Quantity\FilmThickness;
use Hull\Quantity\Volume;
use Hull\Route\FilmChoice;
use Hull\Route\LayerChoice;
use Hull\Route\NoRoute;
use Hull\Route\SystemFit;
use Hull\Surface\Product;
use Hull\Surface\Shade;
use Hull\Surface\Texture;
use Psr\Clock\ClockInterface;

/** Builds what may be wanted of a part, the films that lead there, and each of them planned through. */
final readonly class FilmScreen
{
    public function __construct(
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private TinLedger $room,
        private ClockInterface $clock,
    ) {}

    public function view(PartRow $row): FilmsView
    {
        $part = $this->stored->part($row);
        $choice = FilmChoice::of(
            $this->catalogues->for($row->workshop),
            $part,
            $this->stored->places($row->job)[$part->place],
            $this->stored->around($row),
        );
        $obstacle = '';
        $system = null;
        $wanted = $part->aim;
        $laid = $part->film;
        try {
            $piece = $this->stored->workpiece($row);
            $wanted = $piece->context->aim->id;
            $laid = $piece->context->system->id;
            $system = $piece->context->system;
        } catch (NoRoute $e) {
            $obstacle = $e->says;
        }
        $aims = [];
        foreach ($choice->aims() as $n => [$aim, $whyNot]) {
            $aims[] = new AimView(
                id: $aim->id,
                name: $aim->name,
                hint: $aim->hint,
                whyNot: $whyNot,
                chosen: $aim->id === $wanted,
                likely: 0 === $n && '' === $whyNot,
            );
        }

        return new FilmsView(
            partId: (string) $row->id,
            number: $row->latestRoute()->number ?? 0,
            aims: $aims,
            films: array_map(
                static fn(SystemFit $f): FilmOption => self::line($f, $f->system->id === $laid),
                $choice->films(),
            ),
            aimPicked: null !== $part->aim,
            filmPicked: null !== $part->film,
            obstacle: $obstacle,
            layers: null === $system ? [] : $this->layers($choice->layers, $system, $part),
            idle: null === $system ? [] : $this->idle($choice->traits->catalogue, $system, $part),
            colours: $this->colours($row),
            layersPicked: [] !== $part->layers,
        );
    }

    public function plan(PartRow $row, string $film, UnitPresenter $shown): FilmPlanView
    {
        try {
            $stands = $this->stored->part($row);
            $piece = $this->stored->wanting($row, $stands->aim, $film);
            $plan = FilmPlan::of($piece);
        } catch (NoRoute $e) {
            return new FilmPlanView(
                film: $film,
                figures: null,
                build: null,
                tins: [],
                tinsCost: '',
                gear: [],
                protection: [],
                obstacle: $e->says,
            );
        }
        $figures = RouteFigures::of(
            $piece,
            $plan->route,
            $piece->replay($this->clock->now(), $this->air->series($row))->air,
        );
        $cost = array_sum(array_map(static fn(array $t): int => $t[2]->price->minor, $plan->tins));

        return new FilmPlanView(
            film: $film,
            figures: Screens::figures($figures, $row, $shown),
            build: [] === $plan->tins ? null : $shown->value(self::build($piece->context->system)),
            tins: array_map(static fn(array $t): string => self::tins($t[0], $t[1], $t[2]->packs, $shown), $plan->tins),
            tinsCost: [] === $plan->tins
                ? ''
                : sprintf('%s %s', number_format($cost / 100, 0, '.', ' '), $row->workshop->currency),
            gear: array_map(static fn(Capability $l): string => $l->name, $figures->gear),
            protection: array_map(static fn(Protection $p): string => $p->name, $figures->protection),
            obstacle: '',
        );
    }

    /** @return list<FilmLayerView> */
    private function layers(LayerChoice $choice, FilmSystem $system, Part $part): array
    {
        $layers = [];
        foreach ($system->layers as $layer) {
            $own = $choice->product($layer->original());
            $wish = $part->layer($layer->original());
            $layers[] = new FilmLayerView(
                layer: $own->id,
                product: $layer->product->id,
                name: $layer->product->name,
                coats: $layer->coats,
                role: $layer->role,
                products: array_map(static fn(Product $p): Option => new Option($p->id, $p->name, $p->example), [
                    $own,
                    ...$choice->others($own),
                ]),
                coloured: LayerChoice::isColoured($layer->product),
                colour: $layer->colour,
                texture: $wish->texture ?? '',
                textures: array_values(
                    array_map(
                        static fn(Texture $t): Option => new Option($t->id, $t->name, ''),
                        $choice->product($layer->product->id)->textures,
                    ),
                ),
            );
        }

        return $layers;
    }

    /** @return list<string> */
    private function idle(Catalogue $catalogue, FilmSystem $system, Part $part): array
    {
        return array_map(
            static fn(LayerWish $w): string => sprintf(
                '%s: %s',
                $catalogue->product($w->layer)->name,
                implode(
                    ', ',
                    array_filter(
                        [
                            $w->colour,
                            null === $w->instead ? '' : $catalogue->product($w->instead)->name . ' in its place',
                            $w->texture,
                        ],
                        static fn(string $said): bool => '' !== $said,
                    ),
                ),
            ),
            LayerChoice::idle($system, $part->layers),
        );
    }

    /** @return list<string> each once, as it was written first */
    private function colours(PartRow $row): array
    {
        $colours = [];
        foreach ($row->job->parts as $other) {
            foreach ($this->stored->part($other)->layers as $wish) {
                $colours[] = $wish->colour;
            }
        }
        foreach ($this->room->rows() as $tin) {
            $colours[] = $tin->colour;
        }
        $by = [];
        foreach (array_filter($colours, static fn(string $c): bool => '' !== $c) as $colour) {
            $by[(new Shade('', $colour))->key()] ??= $colour;
        }
        sort($by);

        return $by;
    }

    private static function line(SystemFit $fit, bool $chosen): FilmOption
    {
        return new FilmOption(
            id: $fit->system->id,
            name: $fit->system->name,
            why: $fit->system->why,
            coats: array_map(
                static fn(SystemLayer $l): string => sprintf('%d × %s', $l->coats, $l->product->name),
                $fit->system->layers,
            ),
            life: $fit->system->life->text(),
            chosen: $chosen,
            reasons: $fit->reasons,
        );
    }

    private static function build(FilmSystem $system): FilmThickness
    {
        return FilmThickness::micrometres(
            array_sum(array_map(static fn(Product $p): float => $p->dft->um(), $system->coats())),
        );
    }

    /** @param list<array{Pack, int}> $packs */
    private static function tins(Product $product, Volume $need, array $packs, UnitPresenter $shown): string
    {
        return sprintf(
            '%s of %s: %s',
            $shown->value($need)->text,
            lcfirst($product->name),
            implode(
                ' and ',
                array_map(
                    static fn(array $p): string => sprintf('%d × %s', $p[1], $shown->value($p[0]->size)->text),
                    $packs,
                ),
            ),
        );
    }
}
