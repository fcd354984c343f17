<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\View\CatalogueView;
use App\Api\View\ComputationLine;
use App\Api\View\ComputationList;
use App\Api\View\ConditionView;
use App\Api\View\CoveringView;
use App\Api\View\DimensionField;
use App\Api\View\GradeView;
use App\Api\View\Option;
use App\Api\View\SchoolView;
use App\Api\View\ServiceView;
use App\Api\View\ShapeKind;
use App\Api\View\SubstrateView;
use App\Api\View\TellingView;
use App\Catalog\Catalogues;
use App\Format\ComputeFormat;
use Hull\Area\Footprint;
use Hull\Catalog\Choice;
use Hull\Catalog\Covering;
use Hull\Catalog\Hazard;
use Hull\Catalog\MaterialIdentification;
use Hull\Climate\Enclosure;
use Hull\Compute\Computation;
use Hull\Compute\Field;
use Hull\Compute\Registry;
use Hull\Input\Node;
use Hull\Job\Relation;
use Hull\Job\StartShape;
use Hull\Quantity\Dimension;
use Hull\Quantity\Length;
use Hull\Quantity\Quantity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

final readonly class CatalogueController
{
    public function __construct(private Catalogues $catalogues, private YardContext $desk) {}

    #[Route('/api/catalogue', name: 'api_catalogue', methods: ['GET'])]
    #[Lasts(3600)]
    #[ResponseBody(CatalogueView::class)]
    public function show(): JsonResponse
    {
        $c = $this->catalogues->for($this->desk->account()->workshop);

        return new JsonResponse(
            new CatalogueView(
                substrates: array_values(
                    array_map(
                        static fn(\Hull\Catalog\Substrate $s): SubstrateView => new SubstrateView(
                            $s->id,
                            $s->name,
                            $s->tell,
                            $s->hatch,
                            $s->families,
                            $s->signs,
                        ),
                        $c->substrates,
                    ),
                ),
                conditions: array_values(
                    array_map(
                        static fn(\Hull\Catalog\Condition $x): ConditionView => new ConditionView(
                            id: $x->id,
                            name: $x->name,
                            hint: $x->hint,
                            group: $x->group,
                            families: $x->families,
                            picture: $x->picture,
                            grades: array_values(
                                array_map(
                                    static fn(\Hull\Catalog\Grade $g): GradeView => new GradeView(
                                        $g->id,
                                        $g->name,
                                        $g->look,
                                    ),
                                    $x->grades,
                                ),
                            ),
                        ),
                        $c->conditions,
                    ),
                ),
                services: array_values(
                    array_map(
                        static fn(\Hull\Catalog\Service $s): ServiceView => new ServiceView(
                            $s->id,
                            $s->name,
                            $s->hint,
                            array_values(
                                array_map(
                                    static fn(\Hull\Catalog\Substrate $m): string => $m->id,
                                    array_filter($c->substrates, $s->suits(...)),
                                ),
                            ),
                        ),
                        $c->services,
                    ),
                ),
                finishes: self::options($c->finishes),
                placeKinds: self::options($c->places),
                hazards: self::options($c->hazards),
                signs: self::options($c->signs),
                limits: array_values(
                    array_map(
                        static fn(\Hull\Catalog\Capability $l): Option => new Option($l->id, $l->name, $l->hint),
                        $c->limits,
                    ),
                ),
                methods: Option::ofMethods($c->methods),
                waterLies: Option::ofRows($c->figures->table('drying')),
                inSun: Option::ofRows($c->figures->table('in-sun')),
                relations: array_map(
                    static fn(Relation $r): Option => new Option($r->value, $r->words(), $r->hint()),
                    Relation::cases(),
                ),
                coverings: array_values(
                    array_map(
                        static fn(Covering $v): CoveringView => new CoveringView(
                            id: $v->id,
                            name: $v->name,
                            by: $v->by,
                            sizes: $v->sizes,
                            hint: $v->hint,
                        ),
                        $c->coverings,
                    ),
                ),
                keeps: array_map(
                    static fn(string $way): Option => new Option(
                        $way,
                        [
                            Footprint::STANDS => 'stands on the floor',
                            Footprint::HANGS => 'hangs',
                            Footprint::LAID_OUT => 'lies there taken apart',
                            Footprint::BENCH => 'on the bench',
                        ][$way],
                        '',
                    ),
                    Footprint::WAYS,
                ),
                schools: array_values(
                    array_map(
                        static fn(\Hull\Catalog\School $s): SchoolView => new SchoolView(
                            $s->id,
                            $s->question,
                            array_values(
                                array_map(
                                    static fn(\Hull\Catalog\SchoolAnswer $o): Option => new Option(
                                        $o->id,
                                        $o->name,
                                        $o->hint,
                                    ),
                                    $s->answers,
                                ),
                            ),
                        ),
                        $c->schools,
                    ),
                ),
                shapes: array_map(
                    $this->shape(...),
                    array_values(
                        array_filter(
                            Registry::standard()->all(),
                            static fn(Computation $x): bool => str_starts_with($x->name, 'area.'),
                        ),
                    ),
                ),
                steps: array_values(
                    array_map(
                        static fn(\Hull\Catalog\Step $s): Option => new Option($s->id, $s->name, $s->why),
                        array_filter($c->steps, static fn(\Hull\Catalog\Step $s): bool => !$s->laysFilm),
                    ),
                ),
            ),
        );
    }

    #[Route('/api/telling', name: 'api_telling', methods: ['GET'])]
    #[ResponseBody(TellingView::class)]
    public function telling(Request $request): JsonResponse
    {
        $catalogue = $this->catalogues->for($this->desk->account()->workshop);
        $signs = [];
        foreach (
            Node::root($request->query->all())->only(array_map('strval', array_keys($catalogue->signs)))->fields()
            as $question => $answer
        ) {
            $signs[$question] = $answer->text(40);
        }

        return new JsonResponse(
            new TellingView(
                array_map(
                    static fn(\Hull\Catalog\Substrate $s): Option => new Option($s->id, $s->name, $s->tell),
                    MaterialIdentification::fitting($catalogue, $signs),
                ),
            ),
        );
    }

    #[Route('/api/compute', name: 'api_compute_list', methods: ['GET'])]
    #[ResponseBody(ComputationList::class)]
    public function computations(): JsonResponse
    {
        return new JsonResponse(
            new ComputationList(
                array_map(
                    static fn(Computation $x): ComputationLine => new ComputationLine(
                        $x->name,
                        $x->summary,
                        $x->formula,
                    ),
                    $this->formulas()->all(),
                ),
            ),
        );
    }

    #[Route('/api/compute/{name}', name: 'api_compute', methods: ['POST'])]
    public function compute(string $name, Request $request): JsonResponse
    {
        $computation = $this->formulas()->find($name) ?? throw new NotFoundHttpException();

        return new JsonResponse(ComputeFormat::result($computation->fromNode(JsonBody::of($request))));
    }

    private function formulas(): Registry
    {
        return $this->catalogues->for($this->desk->account()->workshop)->formulas();
    }

    /**
     * @param array<int|string, Choice|Enclosure|Hazard> $choices
     *
     * @return list<Option>
     */
    private static function options(array $choices): array
    {
        return array_values(
            array_map(
                static fn(Choice|Enclosure|Hazard $o): Option => new Option($o->id, $o->name, $o->hint),
                $choices,
            ),
        );
    }

    private function shape(Computation $x): ShapeKind
    {
        $kind = substr($x->name, strlen('area.'));
        $shown = $this->desk->shown();
        $start = static fn(?Length $l): string => null === $l ? '' : $shown->value($l)->text;

        return new ShapeKind(
            $kind,
            $x->summary,
            $x->formula,
            array_map(
                static fn(Field $f): DimensionField => new DimensionField(
                    name: $f->name,
                    label: $f->label,
                    kind: [] !== $f->options ? 'choice' : (Dimension::Count === $f->dimension() ? 'count' : 'quantity'),
                    required: $f->required,
                    options: $f->options,
                    start: $start(StartShape::of($kind, $f->name)),
                    usual: match (true) {
                        $f->default instanceof Quantity => $shown->value($f->default)->text,
                        null === $f->quantity => '',
                        default => $shown->value($f->quantity::ofRecord(0.0))->text,
                    },
                ),
                $x->inputs,
            ),
        );
    }
}
