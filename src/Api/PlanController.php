<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\CrewBody;
use App\Api\Body\DueBody;
use App\Api\Body\PlanBody;
use App\Api\Body\PutBody;
use App\Api\View\ClimateChoice;
use App\Api\View\CrewPerson;
use App\Api\View\CrewView;
use App\Api\View\FloorView;
use App\Api\View\HelpView;
use App\Api\View\NextHourView;
use App\Api\View\PlanView;
use App\Api\View\TryView;
use App\Api\View\YearView;
use App\Catalog\Catalogues;
use App\Entity\Workshop;
use App\Format\DaysPaper;
use App\Plan\FoundPlan;
use App\Plan\PlanDocument;
use App\Work\JobBook;
use App\Work\YardAir;
use App\Work\YardPlan;
use App\Work\YardSettings;
use Hull\Climate\Season;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\Moments;
use Hull\Quantity\Area;
use Hull\Quantity\Instant;
use Hull\Schedule\Calendar\Crew;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/**
 * The schedule of the whole yard: seen, made again, tried otherwise; who works when; due dates.
 *
 * @phpstan-import-type Start from FoundPlan
 */
final readonly class PlanController
{
    private const BY_HAND = 'something was put elsewhere by hand';

    public function __construct(
        private YardContext $desk,
        private YardPlan $plans,
        private YardAir $air,
        private PlanScreen $screen,
        private YardSettings $settings,
        private JobBook $jobs,
        private Catalogues $catalogues,
    ) {}

    #[Route('/api/plan', name: 'api_plan', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(PlanView::class)]
    public function show(): JsonResponse
    {
        return $this->shown($this->desk->account()->workshop);
    }

    /** Apart from the plan: it is worked out from the whole yard, and only the first page wants it. */
    #[Route('/api/plan/next', name: 'api_plan_next', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(NextHourView::class)]
    public function next(NextHourScreen $hour): JsonResponse
    {
        return new JsonResponse(
            $hour->view($this->desk->account()->workshop, $this->desk->jobs(), $this->desk->shown()),
        );
    }

    #[Route('/api/plan/floor', name: 'api_plan_floor', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(FloorView::class)]
    public function floor(FloorScreen $floor): JsonResponse
    {
        return new JsonResponse(
            $floor->view($this->desk->account()->workshop, $this->desk->jobs(), $this->desk->shown()),
        );
    }

    /** Day by day on paper, everybody's work or one person's. */
    #[Route('/api/plan/days.pdf', name: 'api_plan_paper', methods: ['GET'])]
    #[Lasts]
    #[QueryParameters('who')]
    public function paper(Request $request, DaysPaper $paper): Response
    {
        $workshop = $this->desk->account()->workshop;
        $view = $this->screen->view($workshop, $this->desk->jobs(), $this->desk->shown());
        $who = JsonBody::query($request)
            ->only(['who'])
            ->optional('who')
            ?->choice(array_column($view->people, 'name'));

        return new Response($paper->pdf($view, $workshop->name, $who), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="day-by-day.pdf"',
        ]);
    }

    /** What would give a part its hours that has none. */
    #[Route('/api/plan/help/{part}', name: 'api_plan_help', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(HelpView::class)]
    public function help(string $part, PartHelpScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->help($this->desk->part($part)));
    }

    /** When in a usual year what is left of a part can be closed. */
    #[Route('/api/plan/year/{part}', name: 'api_plan_year', methods: ['GET'])]
    #[Lasts(3600)]
    #[ResponseBody(YearView::class)]
    public function year(string $part, PartHelpScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->year($this->desk->part($part)));
    }

    #[Route('/api/plan', name: 'api_plan_make', methods: ['POST'])]
    #[ResponseBody(PlanView::class)]
    public function make(#[FromBody] PlanBody $body): JsonResponse
    {
        $workshop = $this->desk->account()->workshop;
        $this->air->refresh($workshop);
        $reasons = $this->plans->outdated($this->plans->latest());
        $this->plans->plan(
            $workshop,
            '' !== $body->note ? $body->note : ([] === $reasons ? '' : implode('; ', $reasons)),
            $body->fresh ? [] : $this->pins(),
            $body->fresh,
            found: $body->found ? $this->found() : [],
        );

        return $this->shown($workshop);
    }

    /** @return list<Start> the plan that was found since the latest was made */
    private function found(): array
    {
        $found = PlanDocument::of($this->plans->latest())->found;

        return null !== $found && [] !== $found->starts
            ? $found->starts
            : throw new InvalidInput('/found', 'No shorter plan was found since.', 'plan again, or wait for one');
    }

    /** What breaks when one thing is put elsewhere; nothing is kept. */
    #[Route('/api/plan/try', name: 'api_plan_try', methods: ['POST'])]
    #[ResponseBody(TryView::class)]
    public function try(#[FromBody] PutBody $body): JsonResponse
    {
        [$id, $start] = $this->put($body);
        $workshop = $this->desk->account()->workshop;
        $schedule = $this->plans->schedule($workshop);
        if (!isset($schedule->placed[$id])) {
            throw new InvalidInput(
                '/id',
                'The plan has nothing of that name any more.',
                'work that is in the latest plan',
            );
        }

        return new JsonResponse($this->screen->tried($schedule, $id, $start));
    }

    /** Keeps one thing from beginning before an hour, and plans the rest around it. */
    #[Route('/api/plan/put', name: 'api_plan_put', methods: ['POST'])]
    #[ResponseBody(PlanView::class)]
    public function pin(#[FromBody] PutBody $body): JsonResponse
    {
        [$id, $start] = $this->put($body);
        $workshop = $this->desk->account()->workshop;
        $this->plans->plan($workshop, self::BY_HAND, [...$this->pins(), $id => $start]);

        return $this->shown($workshop);
    }

    #[Route('/api/crew', name: 'api_crew', methods: ['GET'])]
    #[ResponseBody(CrewView::class)]
    public function crew(): JsonResponse
    {
        return new JsonResponse($this->crewView($this->desk->account()->workshop));
    }

    #[Route('/api/crew', name: 'api_crew_save', methods: ['PUT'])]
    #[RequestBody(CrewBody::class)]
    #[ResponseBody(CrewView::class)]
    public function saveCrew(Request $request): JsonResponse
    {
        $workshop = $this->desk->account()->workshop;
        $body = JsonBody::of($request);
        $climates = $this->catalogues->for($workshop)->climates;
        $body->optional('climate')?->keyOf($climates);
        $crew = Crew::read($body->but('version'));
        $crew->in(array_map(YardAir::key(...), $this->air->places()));
        $this->settings->crew($workshop, $crew, YardContext::version($body));

        return new JsonResponse($this->crewView($workshop));
    }

    #[Route('/api/jobs/{job}/due', name: 'api_job_due', methods: ['PUT'])]
    #[ResponseBody(null, 204)]
    public function due(string $job, #[FromBody] DueBody $body): Response
    {
        $row = $this->desk->job($job);
        $this->jobs->due($row, $body->due);

        return new Response(null, 204);
    }

    /** @return array{string, float} */
    private function put(PutBody $body): array
    {
        $start = Moments::instant(Node::at('/start', $body->start));
        if ($start > $this->plans->reach()) {
            throw new InvalidInput(
                '/start',
                'No plan reaches that far.',
                'an instant up to ' . $this->plans->reach()->format('Y-m-d\TH:i:s\Z'),
            );
        }
        $work = array_column(PlanDocument::of($this->plans->latest())->work, 'id');

        return in_array($body->id, $work, true)
            ? [$body->id, Instant::hour($start)]
            : throw new InvalidInput('/id', 'The plan has nothing of that name.', 'work that is in the latest plan');
    }

    /** @return array<int|string, float> */
    private function pins(): array
    {
        return PlanDocument::of($this->plans->latest())->pins;
    }

    private function shown(Workshop $workshop): JsonResponse
    {
        return new JsonResponse($this->screen->view($workshop, $this->desk->jobs(), $this->desk->shown()));
    }

    private function crewView(Workshop $workshop): CrewView
    {
        $crew = YardPlan::crew($workshop);
        $catalogue = $this->catalogues->for($workshop);
        $n = Node::root($crew->written);
        $week = static fn(?Node $w): array => array_map(
            static fn(Node $d): array => array_map(static fn(Node $s): string => $s->text(), $d->items()),
            $w?->fields() ?? [],
        );
        $days = static fn(?Node $d): array => array_map(
            static fn(Node $n): string => $n->text(),
            $d?->items(200) ?? [],
        );
        $units = $this->desk->shown()->units;

        return new CrewView(
            version: $workshop->edition('crew'),
            people: array_map(
                static fn(Node $p): CrewPerson => new CrewPerson(
                    $p->field('name')->text(),
                    $week($p->field('hours')),
                    $days($p->optional('off')),
                ),
                $n->field('people')->items(),
            ),
            quiet: $week($n->optional('quiet')),
            off: $days($n->optional('off')),
            floors: array_map(
                static fn(Node $f): string => $f->quantity(Area::class)->format($units),
                $n->optional('floors')?->fields() ?? [],
            ),
            gear: array_map(static fn(Node $g): int => $g->integer(1, 50), $n->optional('gear')?->fields() ?? []),
            worth: $crew->objective->weights(),
            climate: $catalogue->season($crew->climate)->id,
            climates: array_values(
                array_map(
                    static fn(Season $s): ClimateChoice => new ClimateChoice($s->id, $s->name, $s->hint),
                    $catalogue->climates,
                ),
            ),
        );
    }
}
