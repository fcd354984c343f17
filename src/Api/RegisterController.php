<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\TagBody;
use App\Api\Body\TagPhotoBody;
use App\Api\Body\TickBody;
use App\Api\View\LabelView;
use App\Api\View\PhotoView;
use App\Api\View\RegisterView;
use App\Work\Album;
use App\Work\RegisterBook;
use Hull\Input\Node;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The strip-down register of a job: what came off, what was put in, and the way back. */
final readonly class RegisterController
{
    /** What may be chosen, and need not be. */
    private const CHOICES = ['kind', 'itself', 'held'];

    private const FIELDS = ['what', 'part', 'items', 'kind', 'itself', 'held', 'lies', 'turn', 'note'];
    private const NUMBER = ['number' => '[1-9]\d{0,4}'];

    public function __construct(
        private YardContext $desk,
        private RegisterBook $register,
        private RegisterScreen $screen,
    ) {}

    #[Route('/api/jobs/{job}/register', name: 'api_register', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(RegisterView::class)]
    public function show(string $job): JsonResponse
    {
        return new JsonResponse($this->screen->view($this->desk->job($job)));
    }

    #[Route('/api/jobs/{job}/register', name: 'api_tag_add', methods: ['POST'])]
    #[RequestBody(TagBody::class)]
    #[ResponseBody(RegisterView::class, 201)]
    public function add(string $job, Request $request): JsonResponse
    {
        $row = $this->desk->job($job);
        $this->register->add($row, self::filled(JsonBody::of($request)->only(self::FIELDS)));

        return new JsonResponse($this->screen->view($row), 201);
    }

    #[Route('/api/jobs/{job}/register/{number}', name: 'api_tag', requirements: self::NUMBER, methods: ['PUT'])]
    #[RequestBody(TagBody::class)]
    #[ResponseBody(RegisterView::class)]
    public function change(string $job, int $number, Request $request): JsonResponse
    {
        $row = $this->desk->job($job);
        $body = JsonBody::of($request)->only([...self::FIELDS, 'version']);
        $this->register->change($row, $number, self::filled($body->but('version')), YardContext::version($body));

        return new JsonResponse($this->screen->view($row));
    }

    #[
        Route(
            '/api/jobs/{job}/register/{number}/tick',
            name: 'api_tag_tick',
            requirements: self::NUMBER,
            methods: ['PUT'],
        ),
    ]
    #[ResponseBody(RegisterView::class)]
    public function tick(string $job, int $number, #[FromBody] TickBody $body): JsonResponse
    {
        $row = $this->desk->job($job);
        $this->register->tick($row, $number, $body->item, $body->done);

        return new JsonResponse($this->screen->view($row));
    }

    #[
        Route(
            '/api/jobs/{job}/register/{number}/photos',
            name: 'api_tag_photo',
            requirements: self::NUMBER,
            methods: ['POST'],
        ),
    ]
    #[ResponseBody(PhotoView::class, 201)]
    public function photo(string $job, int $number, #[FromBody] TagPhotoBody $body, Album $album): JsonResponse
    {
        $row = $this->desk->job($job);
        $tag = $this->register->find($row, $number);
        $part = RegisterScreen::partOf($row, $tag) ?? throw new NotFoundHttpException();

        return new JsonResponse(PhotoView::of($album->keep($part, 'during', $body->caption, $body->image, $tag)), 201);
    }

    #[Route('/api/jobs/{job}/register/{number}', name: 'api_tag_drop', requirements: self::NUMBER, methods: ['DELETE'])]
    #[ResponseBody(RegisterView::class)]
    public function drop(string $job, int $number): JsonResponse
    {
        $row = $this->desk->job($job);
        $this->register->remove($row, $number);

        return new JsonResponse($this->screen->view($row));
    }

    #[
        Route(
            '/api/jobs/{job}/register/{number}/restore',
            name: 'api_tag_restore',
            requirements: self::NUMBER,
            methods: ['POST'],
        ),
    ]
    #[ResponseBody(RegisterView::class)]
    public function restore(string $job, int $number): JsonResponse
    {
        $row = $this->desk->job($job);
        $this->register->restore($row, $number);

        return new JsonResponse($this->screen->view($row));
    }

    /** What the square on a label opens. */
    #[Route('/api/labels/{code}', name: 'api_label', requirements: ['code' => '[0-9A-Za-z]{6}'], methods: ['GET'])]
    #[ResponseBody(LabelView::class)]
    public function label(string $code): JsonResponse
    {
        $tag = $this->register->labelled($code);

        return new JsonResponse(new LabelView((string) $tag->job->id, $tag->number));
    }

    /** A choice left empty is none. */
    private static function filled(Node $body): Node
    {
        return $body->holding(
            array_filter(
                array_map(static fn(Node $n): mixed => $n->value, $body->fields()),
                static fn(mixed $v, int|string $k): bool => '' !== $v || !in_array($k, self::CHOICES, true),
                \ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
