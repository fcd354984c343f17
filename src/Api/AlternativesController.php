<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\View\AlternativesView;
use App\Api\View\AnswersView;
use App\Api\View\BesideView;
use App\Catalog\Catalogues;
use App\Entity\PartRow;
use Hull\Route\NoRoute;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** What else could be done with a part, one question of the schools at a time. */
final readonly class AlternativesController
{
    public function __construct(private YardContext $desk, private Catalogues $catalogues) {}

    #[Route('/api/parts/{part}/alternatives', name: 'api_alternatives', methods: ['GET'])]
    #[Lasts(600)]
    #[ResponseBody(AlternativesView::class)]
    public function alternatives(string $part, AlternativesScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        try {
            return new JsonResponse($screen->view($row, $this->desk->shown()));
        } catch (NoRoute $e) {
            return new JsonResponse(new AlternativesView($e->says, null, [], [], '', $row->job->without));
        }
    }

    /** One question at a time, so that the first answers stand while the others are still planned. */
    #[Route('/api/parts/{part}/alternatives/{question}', name: 'api_answers', methods: ['GET'])]
    #[Lasts(600)]
    #[ResponseBody(AnswersView::class)]
    public function answers(string $part, string $question, AlternativesScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->answers($this->asked($part, $question), $question, $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/beside/{question}/{answer}', name: 'api_beside', methods: ['GET'])]
    #[Lasts(600)]
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
}
