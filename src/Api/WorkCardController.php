<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\WorkCardBody;
use App\Api\View\WorkCardsView;
use App\Api\View\WorkCardView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Work\JobBook;
use App\Work\RowMapper;
use Hull\Input\Node;
use Hull\Job\SavedCard;
use Hull\WorkCard\SavedCards;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Work that is no plain coat: pours, baths, laminates, spray cans. */
final readonly class WorkCardController
{
    private const MOST_CARDS = 100;

    public function __construct(
        private YardContext $desk,
        private WorkCardScreen $screen,
        private JobBook $jobs,
        private RowMapper $stored,
        private Catalogues $catalogues,
    ) {}

    #[Route('/api/jobs/{job}/cards', name: 'api_cards', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(WorkCardsView::class)]
    public function show(string $job): JsonResponse
    {
        return new JsonResponse($this->screen->view($this->desk->job($job), $this->desk->shown()));
    }

    #[Route('/api/jobs/{job}/cards/try', name: 'api_card_try', methods: ['POST'])]
    #[ResponseBody(WorkCardView::class)]
    public function tried(string $job, #[FromBody] WorkCardBody $body): JsonResponse
    {
        $row = $this->desk->job($job);

        return new JsonResponse($this->screen->card($row, $this->read($row, $body), $this->desk->shown()));
    }

    #[Route('/api/jobs/{job}/cards', name: 'api_card_keep', methods: ['POST'])]
    #[ResponseBody(WorkCardsView::class, 201)]
    public function keep(string $job, #[FromBody] WorkCardBody $body): JsonResponse
    {
        $row = $this->desk->job($job);
        $kept = $this->read($row, $body);
        if (count($row->cards) >= self::MOST_CARDS) {
            throw new \Hull\Input\InvalidInput(
                '/name',
                'The job has all the cards it can have.',
                sprintf('up to %d cards', self::MOST_CARDS),
            );
        }
        $this->jobs->keepCard($row, $kept);

        return new JsonResponse($this->screen->view($row, $this->desk->shown()), 201);
    }

    #[Route('/api/jobs/{job}/cards/{card}', name: 'api_card_drop', methods: ['DELETE'])]
    #[ResponseBody(null, 204)]
    public function drop(string $job, string $card): Response
    {
        $row = $this->desk->job($job);
        if (!in_array($card, array_column($row->cards, 'id'), true)) {
            throw new NotFoundHttpException();
        }
        $this->jobs->dropCard($row, $card);

        return new Response(null, 204);
    }

    /**
     * The list of a kind comes beside its single fields; empty fields are left out, so that what is usual stands in.
     */
    private function read(JobRow $row, WorkCardBody $body): SavedCard
    {
        $saved = new SavedCards($this->catalogues->for($row->workshop)->figures);
        $kind = Node::at('/kind', $body->kind)->keyOf($saved->kinds);
        $filled = static fn(array $typed): array => array_filter($typed, static fn(mixed $v): bool => '' !== $v);
        $inputs = $filled($body->inputs);
        foreach ($saved->kinds[$kind]->fields() as $field) {
            if ([] !== $field->of) {
                $inputs[$field->name] = array_map($filled, $body->rows);
            }
        }

        return $saved->read(
            Node::root([
                'id' => '' === $body->id ? 'card-' . substr(Uuid::v7()->toBase58(), -10) : $body->id,
                'kind' => $kind,
                'name' => $body->name,
                'part' => '' === $body->part ? null : $body->part,
                'inputs' => $inputs,
            ]),
            WorkCardScreen::ids($this->stored->job($row)->parts),
        );
    }
}
