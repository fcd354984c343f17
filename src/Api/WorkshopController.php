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
use Hull\Quantity\Gallon;
use Hull\Quantity\Money;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
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
    #[RequestBody(WorkshopBody::class)]
    #[ResponseBody(WorkshopView::class)]
    public function save(Request $request): JsonResponse
    {
        $body = JsonBody::of($request)->only(['currency', 'hourRate', 'vocLimit', 'local', 'version', 'gallon']);
        $local = [];
        foreach (
            $body
                ->field('local')
                ->only(Keys::of($this->catalogues->for($this->desk->account()->workshop)->local))
                ->fields()
            as $topic => $text
        ) {
            $written = \Hull\Input\Node::remark($text, 2000);
            if ('' !== $written) {
                $local[$topic] = $written;
            }
        }
        $currency = strtoupper($body->field('currency')->text(3));
        if (1 !== preg_match('/^[A-Z]{3}$/', $currency)) {
            throw $body
                ->field('currency')
                ->refuse('This is not a currency.', 'three letters of ISO 4217, such as GBP, EUR or USD');
        }
        $rate = $body->optional('hourRate');
        $workshop = $this->desk->account()->workshop;
        $this->settings->general(
            $workshop,
            $currency,
            null === $rate || '' === $rate->value ? null : $rate->money(),
            $body->optional('vocLimit')?->integer(1, 1_000_000),
            $local,
            YardContext::version($body),
        );
        $this->settings->gallon(
            $workshop,
            Gallon::from(
                $body
                    ->optional('gallon')
                    ?->choice(array_map(static fn(Gallon $g): string => $g->value, Gallon::cases())) ??
                    $workshop->gallon->value,
            ),
        );

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
