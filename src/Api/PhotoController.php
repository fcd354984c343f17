<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\PhotoBody;
use App\Api\View\PhotoList;
use App\Api\View\PhotoView;
use App\Work\Album;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Photos of a part, before, during and after. */
final readonly class PhotoController
{
    public function __construct(private YardContext $desk, private Album $album) {}

    #[Route('/api/parts/{part}/photos', name: 'api_photos', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(PhotoList::class)]
    public function list(string $part): JsonResponse
    {
        return new JsonResponse(
            new PhotoList(array_map(PhotoView::of(...), $this->album->of($this->desk->part($part)))),
        );
    }

    #[Route('/api/parts/{part}/photos', name: 'api_photo_keep', methods: ['POST'])]
    #[ResponseBody(PhotoView::class, 201)]
    public function keep(string $part, #[FromBody] PhotoBody $body): JsonResponse
    {
        $row = $this->desk->part($part);

        return new JsonResponse(
            PhotoView::of($this->album->keep($row, $body->moment, $body->caption, $body->image)),
            201,
        );
    }

    #[Route('/api/photos/{photo}', name: 'api_photo', methods: ['GET'])]
    #[QueryParameters('small')]
    public function show(string $photo, Request $request): Response
    {
        $row = $this->album->find($photo);

        return new Response($this->album->picture($row, '1' === $request->query->get('small')), 200, [
            'Content-Type' => $row->type,
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'Content-Disposition' => 'inline',
        ]);
    }

    #[Route('/api/photos/{photo}', name: 'api_photo_remove', methods: ['DELETE'])]
    #[ResponseBody(null, 204)]
    public function remove(string $photo): Response
    {
        $row = $this->album->find($photo);
        $this->desk->open($row->part->job);
        $this->album->remove($row);

        return new Response(null, 204);
    }
}
