<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Body\WorkshopBody;
use App\Api\View\LocalTopicView;
use App\Api\View\WorkshopView;
use App\Catalog\Catalogues;
use App\Entity\Workshop;
use App\Work\YardSettings;
use Hull\Catalog\LocalTopic;
use Hull\Input\Keys;
use Hull\Input\Node;
use Hull\Quantity\Gallon;
use Hull\Quantity\Money;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** Local rules, limits and rates of a workshop. */
final readonly class WorkshopController
{
    public function __construct(
        private YardContext $desk,
        private Catalogues $catalogues,
        private YardSettings $settings,
    ) {}

    #[Route('/api/workshop', name: 'api_workshop', methods: ['GET'])]
    #[ResponseBody(WorkshopView::class)]
    public function show(): JsonResponse
    {
        return new JsonResponse($this->view($this->desk->account()->workshop));
    }

    #[Route('/api/workshop', name: 'api_workshop_save', methods: ['PUT'])]
    #[ResponseBody(WorkshopView::class)]
    public function save(#[FromBody] WorkshopBody $body): JsonResponse
    {
        $workshop = $this->desk->account()->workshop;
        Node::at('/local', $body->local)->only(Keys::of($this->catalogues->for($workshop)->local));
        $this->settings->general(
            $workshop,
            strtoupper($body->currency),
            '' === $body->hourRate ? null : Node::at('/hourRate', $body->hourRate)->money(),
            $body->vocLimit,
            array_filter($body->local, static fn(string $text): bool => '' !== $text),
            $body->version,
        );
        $this->settings->gallon($workshop, Gallon::from($body->gallon ?? $workshop->gallon->value));

        return new JsonResponse($this->view($workshop));
    }

    private function view(Workshop $workshop): WorkshopView
    {
        return new WorkshopView(
            version: $workshop->edition('settings'),
            name: $workshop->name,
            timezone: $workshop->timezone,
            currency: $workshop->currency,
            gallon: $workshop->gallon->value,
            hourRate: null === $workshop->hourRate ? '' : Money::minor($workshop->hourRate)->text(),
            vocLimit: $workshop->vocLimit,
            local: array_values(
                array_map(
                    static fn(LocalTopic $t): LocalTopicView => new LocalTopicView(
                        $t->id,
                        $t->name,
                        $t->hint,
                        $workshop->local[$t->id] ?? '',
                    ),
                    $this->catalogues->for($this->desk->account()->workshop)->local,
                ),
            ),
        );
    }
}
