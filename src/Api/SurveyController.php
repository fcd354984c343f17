<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\CsvBody;
use App\Api\Body\ShapesBody;
use App\Api\Body\SurveyBody;
use App\Api\View\Created;
use App\Api\View\MaskingView;
use App\Api\View\ShapesView;
use App\Api\View\SurveyView;
use App\Api\View\TypedShapes;
use App\Api\View\WorthView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Format\Csv;
use App\Work\RowMapper;
use App\Work\SurveyBook;
use Hull\Compute\Registry;
use Hull\Input\InvalidInput;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Job\Part;
use Hull\Job\Place;
use Hull\JobFile\ShapeReader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** What a part is and what was found on it. */
final readonly class SurveyController
{
    public function __construct(
        private YardContext $desk,
        private SurveyBook $surveys,
        private RowMapper $stored,
        private Catalogues $catalogues,
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
    #[ResponseBody(TypedShapes::class)]
    public function shapeList(#[FromBody] CsvBody $body): JsonResponse
    {
        $fields = [];
        foreach (Registry::standard()->all() as $computation) {
            foreach (str_starts_with($computation->name, 'area.') ? $computation->inputs : [] as $field) {
                $fields[mb_strtolower($field->name)] = $field->name;
            }
        }
        $rows = Csv::read($body->text, ['kind', 'name', ...Keys::of($fields)], ['kind']);
        $shapes = [];
        foreach ($rows as $number => $row) {
            $typed = [];
            foreach ($row->fields() as $column => $cell) {
                $typed[$fields[$column] ?? $column] = is_string($cell->value) ? $cell->value : '';
            }
            try {
                $shape = ShapeReader::shape($row->holding($typed), $number + 1);
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

        return new JsonResponse(new Created((string) $this->surveys->write($row, null, $part, $place, null)->id), 201);
    }

    #[Route('/api/parts/{part}/survey', name: 'api_survey', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(SurveyView::class)]
    public function show(string $part, SurveyScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/masking', name: 'api_masking', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(MaskingView::class)]
    public function masking(string $part, MaskingScreen $screen): JsonResponse
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
        $this->surveys->write($row->job, $row, $read, $place, $version);

        return new JsonResponse($screen->view($row, $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/worth', name: 'api_worth', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(WorthView::class)]
    public function worth(string $part, WorthScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
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
