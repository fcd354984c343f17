<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Body\CsvBody;
use App\Api\Body\EntryBody;
use App\Api\Body\RouteBody;
use App\Api\Body\SchoolsBody;
use App\Api\Body\ShapesBody;
use App\Api\Body\SurveyBody;
use App\Api\View\AlternativesView;
use App\Api\View\AnswersView;
use App\Api\View\BesideView;
use App\Api\View\CoverView;
use App\Api\View\Created;
use App\Api\View\LogAnswer;
use App\Api\View\MixView;
use App\Api\View\PourView;
use App\Api\View\RecordView;
use App\Api\View\RouteView;
use App\Api\View\ShapesView;
use App\Api\View\SurveyView;
use App\Api\View\TypedShapes;
use App\Api\View\WindowsView;
use App\Api\View\WorthView;
use App\Catalog\Catalogues;
use App\Device\Scale;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Format\Csv;
use App\Work\Bookkeeper;
use App\Work\RowMapper;
use App\Work\YardAir;
use Hull\Bench\Tools;
use Hull\Compute\Registry;
use Hull\Input\InvalidInput;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\Job\Route as WorkRoute;
use Hull\Job\RouteStep;
use Hull\JobFile\JobReader;
use Hull\Quantity\Mass;
use Hull\Quantity\Volume;
use Hull\Route\NoRoute;
use Hull\Route\RoutePlanner;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

final readonly class PartController
{
    private const VESSEL = '1 L';
    private const MOST_TEXT = 200_000;

    public function __construct(
        private YardContext $desk,
        private Bookkeeper $books,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/shapes', name: 'api_shapes', methods: ['POST'])]
    #[RequestBody(ShapesBody::class)]
    #[ResponseBody(ShapesView::class)]
    public function shapes(Request $request, SurveyScreen $screen): JsonResponse
    {
        return new JsonResponse(
            $screen->measure(
                JsonBody::of($request)
                    ->only(['shapes'])
                    ->field('shapes'),
                $this->desk->shown(),
            ),
        );
    }

    #[Route('/api/shapes/list', name: 'api_shapes_list', methods: ['POST'])]
    #[RequestBody(CsvBody::class)]
    #[ResponseBody(TypedShapes::class)]
    public function shapeList(Request $request): JsonResponse
    {
        $fields = [];
        foreach (Registry::standard()->all() as $computation) {
            foreach (str_starts_with($computation->name, 'area.') ? $computation->inputs : [] as $field) {
                $fields[mb_strtolower($field->name)] = $field->name;
            }
        }
        $rows = Csv::read(
            JsonBody::of($request)
                ->only(['text'])
                ->field('text')
                ->text(self::MOST_TEXT),
            ['kind', 'name', ...Keys::of($fields)],
            ['kind'],
        );
        $shapes = [];
        foreach ($rows as $number => $row) {
            $typed = [];
            foreach ($row->fields() as $column => $cell) {
                $typed[$fields[$column] ?? $column] = is_string($cell->value) ? $cell->value : '';
            }
            try {
                $shape = JobReader::shape($row->holding($typed), $number + 1);
            } catch (InvalidInput $e) {
                throw Csv::refusal($e);
            }
            $shapes[] = ['name' => $shape->name, ...$typed];
        }

        return new JsonResponse(new TypedShapes($shapes));
    }

    #[Route('/api/jobs/{job}/parts', name: 'api_part_add', methods: ['POST'])]
    #[RequestBody(SurveyBody::class)]
    #[ResponseBody(Created::class, 201)]
    public function add(string $job, Request $request): JsonResponse
    {
        $row = $this->desk->job($job);
        [$part, $place] = $this->survey(JsonBody::of($request)->only(['part', 'place', 'version']), $row);

        return new JsonResponse(new Created((string) $this->books->survey($row, null, $part, $place, null)->id), 201);
    }

    #[Route('/api/parts/{part}/survey', name: 'api_survey', methods: ['GET'])]
    #[ResponseBody(SurveyView::class)]
    public function show(string $part, SurveyScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/survey', name: 'api_survey_change', methods: ['PUT'])]
    #[RequestBody(SurveyBody::class)]
    #[ResponseBody(SurveyView::class)]
    public function change(string $part, Request $request, SurveyScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        $body = JsonBody::of($request)->only(['part', 'place', 'version']);
        $version = YardContext::version($body);
        [$read, $place] = $this->survey($body, $row->job);
        $this->books->survey($row->job, $row, $read, $place, $version);

        return new JsonResponse($screen->view($row, $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/route', name: 'api_route', methods: ['GET'])]
    #[ResponseBody(RouteView::class)]
    public function route(string $part, RouteScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/route', name: 'api_route_change', methods: ['PUT'])]
    #[RequestBody(RouteBody::class)]
    #[ResponseBody(RouteView::class)]
    public function reroute(string $part, Request $request, RouteScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        $this->books->hold($row);
        $body = JsonBody::of($request)->only(['steps', 'number', 'because']);
        $route = $this->catalogues->reader($row->workshop)->route($body->field('steps'));
        if ($body->field('number')->integer(0, \PHP_INT_MAX) !== ($row->latestRoute()->number ?? 0)) {
            throw new ConflictHttpException(
                'The route was changed after you opened it. Nothing was stored; load it again.',
            );
        }
        $piece = $this->stored->workpiece($row);
        $finished = Keys::of($piece->replay($this->clock->now(), $this->air->series($row))->finished);
        foreach ($finished as $key) {
            if (null === $route->find($key)) {
                throw $body
                    ->field('steps')
                    ->refuse(
                        'A finished step cannot be taken out of the route; correct the record instead.',
                        'a route that keeps every finished step',
                    );
            }
        }
        $this->books->route($row, $route, $body->optional('because')?->text(500) ?? 'changed by hand');

        return new JsonResponse($screen->view($row, $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/route/plan', name: 'api_route_plan', methods: ['POST'])]
    #[RequestBody(SchoolsBody::class)]
    #[ResponseBody(RouteView::class)]
    public function plan(string $part, Request $request, RouteScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        $this->books->hold($row);
        $schools = JsonBody::of($request)
            ->only(['schools'])
            ->field('schools');
        $survey = [
            ...$row->survey,
            'schools' => [...(array) ($row->survey['schools'] ?? []), ...(array) $schools->value],
        ];
        $read = $this->catalogues
            ->reader($row->workshop)
            ->part(Node::root($survey), Keys::of($this->stored->places($row->job)));
        $place = $this->stored->places($row->job)[$read->place];
        $this->books->survey($row->job, $row, $read, $place, $row->version);
        $piece = $this->stored->workpiece($row);
        $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
        $done = array_values(
            array_filter($piece->route()->steps, static fn(RouteStep $s): bool => isset($replayed->finished[$s->key])),
        );
        $ahead = array_map(
            static fn(RouteStep $s): RouteStep => $s->withKey(''),
            (new RoutePlanner($piece->context))->plan($replayed->state)->steps,
        );
        $this->books->route($row, WorkRoute::of([...$done, ...$ahead]), Bookkeeper::PLANNED);

        return new JsonResponse($screen->view($row, $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/worth', name: 'api_worth', methods: ['GET'])]
    #[ResponseBody(WorthView::class)]
    public function worth(string $part, WorthScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/alternatives', name: 'api_alternatives', methods: ['GET'])]
    #[ResponseBody(AlternativesView::class)]
    public function alternatives(string $part, AlternativesScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        try {
            return new JsonResponse($screen->view($row, $this->desk->shown()));
        } catch (NoRoute $e) {
            return new JsonResponse(new AlternativesView($e->getMessage(), null, [], [], '', $row->job->without));
        }
    }

    /** One question at a time, so that the first answers stand while the others are still planned. */
    #[Route('/api/parts/{part}/alternatives/{question}', name: 'api_answers', methods: ['GET'])]
    #[ResponseBody(AnswersView::class)]
    public function answers(string $part, string $question, AlternativesScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->answers($this->asked($part, $question), $question, $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/beside/{question}/{answer}', name: 'api_beside', methods: ['GET'])]
    #[ResponseBody(BesideView::class)]
    public function beside(string $part, string $question, string $answer, AlternativesScreen $screen): JsonResponse
    {
        return new JsonResponse(
            $screen->beside($this->asked($part, $question, $answer), $question, $answer, $this->desk->shown()),
        );
    }

    /** @throws NotFoundHttpException when there is no such question, or no such answer to it */
    private function asked(string $part, string $question, ?string $answer = null): PartRow
    {
        $row = $this->desk->part($part);
        $school = $this->catalogues->for($row->workshop)->schools[$question] ?? throw new NotFoundHttpException();
        if (null !== $answer && !isset($school->answers[$answer])) {
            throw new NotFoundHttpException();
        }

        return $row;
    }

    #[Route('/api/parts/{part}/mix', name: 'api_mix', methods: ['GET'])]
    #[QueryParameters('vessel', 'scale', 'helper', 'tray')]
    #[ResponseBody(MixView::class)]
    public function mix(string $part, Request $request, CoatScreen $screen, Scale $scale, AirWords $words): JsonResponse
    {
        $row = $this->desk->part($part);
        $tools = $this->tools($request, $row->workshop->scaleStepG);
        $shown = $this->desk->shown();
        $read = $this->stored->part($row);
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
            $cards = $screen->cards($piece->inAir($replayed->air), $replayed, $tools, $shown);
            $place = $piece->place->name . ' · ' . $words->of($row, $replayed->air, $shown);

            return new JsonResponse(
                new MixView(
                    partId: (string) $row->id,
                    obstacle: '',
                    place: $place,
                    vessel: $shown->value($tools->vessel)->text,
                    scale: $shown->value($tools->step)->text,
                    helper: $tools->helper,
                    tray: $tools->tray,
                    coats: $cards,
                    scaleIsThere: $scale->isThere(),
                    now: Screens::instant((float) $this->clock->now()->format('U') / 3600) ?? '',
                ),
            );
        } catch (NoRoute $e) {
            return new JsonResponse(
                new MixView(
                    partId: (string) $row->id,
                    obstacle: $e->getMessage(),
                    place: $this->stored->places($row->job)[$read->place]->name,
                    vessel: $shown->value($tools->vessel)->text,
                    scale: $shown->value($tools->step)->text,
                    helper: $tools->helper,
                    tray: $tools->tray,
                    coats: [],
                    scaleIsThere: false,
                    now: '',
                ),
            );
        }
    }

    #[Route('/api/parts/{part}/pour/{step}', name: 'api_pour', methods: ['GET'])]
    #[QueryParameters('vessel', 'scale', 'helper', 'tray', 'poured', 'zero')]
    #[ResponseBody(PourView::class)]
    public function pour(string $part, string $step, Request $request, PourScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        $asked = Node::root(
            array_filter(
                ['poured' => $request->query->get('poured'), 'zero' => $request->query->get('zero')],
                static fn(mixed $v): bool => null !== $v,
            ),
        );
        $whole = static fn(?Node $n): float => null === $n
            ? 0.0
            : (is_numeric($n->value) && abs((float) $n->value) < 1e6
                ? (float) $n->value
                : throw $n->refuse('This is not a number.', 'a number'));
        $view = $screen->view(
            $row,
            $step,
            $this->tools($request, $row->workshop->scaleStepG),
            (int) $whole($asked->optional('poured')),
            $whole($asked->optional('zero')),
            $this->desk->shown(),
        );

        return new JsonResponse($view ?? throw new NotFoundHttpException());
    }

    #[Route('/api/parts/{part}/cover/{step}', name: 'api_cover', methods: ['GET'])]
    #[ResponseBody(CoverView::class)]
    public function cover(string $part, string $step, CoverScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);

        return new JsonResponse(
            $screen->view($row, $step, $this->desk->jobs(), $this->desk->shown()) ?? throw new NotFoundHttpException(),
        );
    }

    #[Route('/api/parts/{part}/windows', name: 'api_windows', methods: ['GET'])]
    #[ResponseBody(WindowsView::class)]
    public function windows(string $part, WindowScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/record', name: 'api_record', methods: ['GET'])]
    #[ResponseBody(RecordView::class)]
    public function record(string $part, RecordScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/log', name: 'api_log', methods: ['POST'])]
    #[RequestBody(EntryBody::class)]
    #[ResponseBody(LogAnswer::class, 201)]
    public function log(string $part, Request $request): JsonResponse
    {
        $row = $this->desk->part($part);
        $this->books->hold($row);
        $body = JsonBody::of($request)->only([
            'kind',
            'step',
            'at',
            'temperature',
            'humidity',
            'note',
            'corrects',
            'withdrawn',
            'rule',
            'by',
            'used',
            'film',
            'outside',
        ]);
        $entry = $this->catalogues->reader($row->workshop)->entry($body->without('outside'), Uuid::v7()->toRfc4122());
        if ($entry->at > $this->clock->now()->modify('+5 minutes')) {
            throw $body->field('at')->refuse('This is in the future.', 'an instant up to now');
        }
        if (null !== $entry->stepKey && null === $this->stored->workpiece($row)->route()->find($entry->stepKey)) {
            throw $body->field('step')->refuse('The route has no such step.', 'the key of a step of the route');
        }
        if (
            null !== $entry->corrects &&
            [] ===
                array_filter(
                    $row->log->toArray(),
                    static fn(\App\Entity\LogRow $l): bool => $l->entryId === $entry->corrects,
                )
        ) {
            throw $body->field('corrects')->refuse('There is no such entry.', 'the id of an entry of this part');
        }
        $gained = $this->books->log($row, $entry, $this->desk->account()->name, $body->optional('outside')?->text(300));

        return new JsonResponse(
            new LogAnswer(
                $entry->id,
                array_map(
                    fn(RouteStep $s): string => $this->catalogues->for($row->workshop)->step($s->step)->name,
                    $gained,
                ),
                $gained[0]->because ?? '',
            ),
            201,
        );
    }

    private function tools(Request $request, float $stepG): Tools
    {
        $asked = Node::root(
            [
                'vessel' => $request->query->getString('vessel', self::VESSEL),
                'scale' => $request->query->getString('scale'),
                'helper' => $request->query->getString('helper', '0'),
                'tray' => $request->query->getString('tray', '0'),
            ],
            JsonBody::gallon($request),
        );
        $vessel = $asked->field('vessel')->quantity(Volume::class);
        $step =
            '' === $asked->field('scale')->value ? Mass::grams($stepG) : $asked->field('scale')->quantity(Mass::class);
        if ($vessel->litresValue() <= 0.0) {
            throw $asked
                ->field('vessel')
                ->refuse('A vessel without room mixes nothing.', 'a volume above zero such as 1 L');
        }
        if ($step->kg() <= 0.0) {
            throw $asked
                ->field('scale')
                ->refuse('A scale without a step reads nothing.', 'a mass above zero such as 1 g or 0.1 g');
        }

        return new Tools(
            $vessel,
            $step,
            '1' === $asked->field('helper')->choice(['0', '1']),
            '1' === $asked->field('tray')->choice(['0', '1']),
        );
    }

    /** @return array{Part, Place} */
    private function survey(Node $body, JobRow $job): array
    {
        $reader = $this->catalogues->reader($job->workshop);
        $place = $reader->place($body->field('place'));
        $ids = array_map('strval', array_keys($this->stored->places($job)));
        $node = $body->field('part');
        foreach (['route', 'log'] as $foreign) {
            if (null !== $node->optional($foreign)) {
                throw $node
                    ->field($foreign)
                    ->refuse('A survey holds no route and no log.', 'a part without "' . $foreign . '"');
            }
        }

        return [$reader->part($node, array_values(array_unique([...$ids, $place->id]))), $place];
    }
}
