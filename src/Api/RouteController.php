<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\PlanWish;
use App\Api\Body\RouteBody;
use App\Api\View\RouteView;
use App\Catalog\Catalogues;
use App\Work\RouteBook;
use App\Work\RowMapper;
use App\Work\SurveyBook;
use App\Work\YardAir;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Route as WorkRoute;
use Hull\Job\RouteStep;
use Hull\Route\RoutePlanner;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The order of work of a part: shown, changed by hand, planned anew. */
final readonly class RouteController
{
    public function __construct(
        private YardContext $desk,
        private SurveyBook $surveys,
        private RouteBook $routes,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/parts/{part}/route', name: 'api_route', methods: ['GET'])]
    #[Lasts]
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
        $this->routes->hold($row);
        $body = JsonBody::of($request)->only(['steps', 'number', 'because']);
        $route = $this->catalogues->reader($row->workshop)->routes->read($body->field('steps'));
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
        $this->routes->put($row, $route, $body->optional('because')?->text(500) ?? 'changed by hand');

        return new JsonResponse($screen->view($row, $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/route/plan', name: 'api_route_plan', methods: ['POST'])]
    #[RequestBody(PlanWish::class)]
    #[ResponseBody(RouteView::class)]
    public function plan(string $part, Request $request, RouteScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        $this->routes->hold($row);
        $body = JsonBody::of($request)->only(['schools', 'aim', 'film', 'layers']);
        $survey = [
            ...$row->survey,
            'schools' => [...(array) ($row->survey['schools'] ?? []), ...(array) $body->optional('schools')?->value],
        ];
        foreach (['aim', 'film'] as $wish) {
            // An empty text leaves it to the survey again; what is not said stays.
            $said = $body->optional($wish)?->value;
            $survey = match ($said) {
                null => $survey,
                '' => array_diff_key($survey, [$wish => true]),
                default => [...$survey, $wish => $said],
            };
        }
        $layers = $body->optional('layers');
        if (null !== $layers) {
            $survey = [...$survey, 'layers' => $layers->value];
        }
        $read = $this->catalogues
            ->reader($row->workshop)
            ->part(Node::root($survey), Keys::of($this->stored->places($row->job)));
        $place = $this->stored->places($row->job)[$read->place];
        $this->surveys->write($row->job, $row, $read, $place, $row->version);
        $piece = $this->stored->workpiece($row);
        $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
        $done = array_values(
            array_filter($piece->route()->steps, static fn(RouteStep $s): bool => isset($replayed->finished[$s->key])),
        );
        $ahead = array_map(
            static fn(RouteStep $s): RouteStep => $s->withKey(''),
            (new RoutePlanner($piece->context))->plan($replayed->state)->steps,
        );
        $this->routes->put($row, WorkRoute::of([...$done, ...$ahead]), RouteBook::PLANNED);

        return new JsonResponse($screen->view($row, $this->desk->shown()));
    }
}
