<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\View\FilmPlanView;
use App\Api\View\FilmsView;
use App\Catalog\Catalogues;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** What is wanted of a part, and which film leads there. */
final readonly class FilmController
{
    public function __construct(private YardContext $desk, private Catalogues $catalogues) {}

    #[Route('/api/parts/{part}/films', name: 'api_part_films', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(FilmsView::class)]
    public function films(string $part, FilmScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part)));
    }

    /** One film at a time, so that the first figures stand while the others are still planned. */
    #[Route('/api/parts/{part}/films/{film}', name: 'api_part_film', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(FilmPlanView::class)]
    public function film(string $part, string $film, FilmScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        if (!isset($this->catalogues->for($row->workshop)->systems[$film])) {
            throw new NotFoundHttpException();
        }

        return new JsonResponse($screen->plan($row, $film, $this->desk->shown()));
    }
}
