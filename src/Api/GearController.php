<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Body\GearBody;
use App\Api\View\CapabilityView;
use App\Api\View\GearView;
use App\Catalog\Catalogues;
use App\Entity\Workshop;
use App\Work\JobBook;
use Hull\Catalog\Capability;
use Hull\Input\Node;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** What the yard has, can and works with: asked once, and what new jobs begin with. */
final readonly class GearController
{
    public function __construct(private YardContext $desk, private Catalogues $catalogues, private JobBook $jobs) {}

    #[Route('/api/workshop/gear', name: 'api_gear', methods: ['GET'])]
    #[ResponseBody(GearView::class)]
    public function show(): JsonResponse
    {
        return new JsonResponse($this->view($this->desk->account()->workshop));
    }

    #[Route('/api/workshop/gear', name: 'api_gear_save', methods: ['PUT'])]
    #[ResponseBody(GearView::class)]
    public function save(#[FromBody] GearBody $body): JsonResponse
    {
        $workshop = $this->desk->account()->workshop;
        $this->jobs->yardDoesWithout(
            $workshop,
            $this->catalogues->reader($workshop)->without(Node::at('/without', $body->without)),
            $body->version,
        );

        return new JsonResponse($this->view($workshop));
    }

    private function view(Workshop $workshop): GearView
    {
        $catalogue = $this->catalogues->for($workshop);
        $without = $workshop->without ?? $catalogue->withoutAtStart();

        return new GearView(
            version: $workshop->edition('gear'),
            asked: null !== $workshop->without,
            all: array_values(
                array_map(
                    static fn(Capability $c): CapabilityView => new CapabilityView(
                        $c->id,
                        $c->name,
                        $c->kind,
                        $c->hint,
                        !in_array($c->id, $without, true),
                    ),
                    $catalogue->limits,
                ),
            ),
        );
    }
}
