<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\TradeBody;
use App\Api\View\QuantitiesView;
use App\Catalog\Catalogues;
use App\Entity\JobRow;
use App\Format\Csv;
use App\Work\JobBook;
use Hull\Bench\WhatIf;
use Hull\Board\ShoppingLine;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Pack\Pack;
use Hull\Quantity\Money;
use Hull\Quantity\Percentage;
use Hull\Quantity\UnitSystem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** How much of everything a job takes, and what of it is to buy. */
final readonly class QuantitiesController
{
    public const COLUMNS = [
        'supplier',
        'here',
        'kind',
        'item',
        'needed',
        'unit',
        'in_store',
        'packs',
        'bought',
        'left_over',
        'price',
    ];
    private const MOST_COATS = 3;
    private const MOST_LOSS = 0.5;

    public function __construct(
        private YardContext $desk,
        private Catalogues $catalogues,
        private QuantitiesScreen $screen,
        private JobBook $jobs,
    ) {}

    #[Route('/api/jobs/{job}/quantities', name: 'api_quantities', methods: ['GET'])]
    #[Lasts]
    #[QueryParameters('coats', 'loss', 'breeze', 'method')]
    #[ResponseBody(QuantitiesView::class)]
    public function show(string $job, Request $request): JsonResponse
    {
        $row = $this->desk->job($job);

        return new JsonResponse(
            $this->screen->view($row, $this->others($row), $this->whatIf($request), $this->desk->shown()),
        );
    }

    /** What it was bought for and is to be sold for. */
    #[Route('/api/jobs/{job}/trade', name: 'api_job_trade', methods: ['PUT'])]
    #[ResponseBody(null, 204)]
    public function trade(string $job, #[FromBody] TradeBody $body): Response
    {
        $row = $this->desk->job($job);
        $amount = static fn(string $field, ?string $typed): ?Money => '' === trim($typed ?? '')
            ? null
            : Node::at('/' . $field, $typed)->money();
        $this->jobs->trade($row, $amount('bought', $body->bought), $amount('sale', $body->sale));

        return new Response(null, 204);
    }

    #[Route('/api/jobs/{job}/shopping', name: 'api_shopping', methods: ['GET'])]
    #[QueryParameters('coats', 'loss', 'breeze', 'method')]
    public function csv(string $job, Request $request): Response
    {
        $row = $this->desk->job($job);
        $shopping = $this->screen->shopping($row, $this->others($row), $this->whatIf($request));

        return new Response(Csv::write(self::COLUMNS, self::rows(array_values($shopping->needs))), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="shopping.csv"',
        ]);
    }

    /**
     * @param list<ShoppingLine> $needs
     *
     * @return list<list<string|int|float>>
     */
    public static function rows(array $needs): array
    {
        return array_map(
            static fn(ShoppingLine $n): array => [
                $n->seller->name ?? '',
                null === $n->seller ? '' : $n->seller->leadDays . ' days',
                $n->kind,
                $n->name,
                sprintf('%.3F', $n->amount->value()),
                $n->amount::dimension()->recordUnit()->symbol(),
                sprintf('%.3F', $n->inStore()->value()),
                self::packs($n),
                sprintf('%.3F', $n->purchase->bought->value()),
                sprintf('%.3F', $n->purchase->leftover->value()),
                $n->purchase->price->text(),
            ],
            $needs,
        );
    }

    public static function packs(ShoppingLine $need): string
    {
        return implode(
            ' + ',
            array_map(static fn(array $p): string => self::count($p[0], $p[1]), $need->purchase->packs),
        );
    }

    private static function count(Pack $pack, int $count): string
    {
        return sprintf('%d x %s', $count, $pack->size->format(UnitSystem::Metric));
    }

    /** @return list<JobRow> */
    private function others(JobRow $row): array
    {
        return array_values(array_filter($this->desk->jobs(), static fn(JobRow $j): bool => $j !== $row));
    }

    private function whatIf(Request $request): WhatIf
    {
        $asked = JsonBody::query($request)->only(['coats', 'loss', 'breeze', 'method']);
        $loss = $asked->optional('loss')?->quantity(Percentage::class) ?? Percentage::ratio(0.0);
        if ($loss->ratioValue() > self::MOST_LOSS) {
            throw new InvalidInput('/loss', 'So much is not lost beside the usual.', 'points of loss from 0 % to 50 %');
        }
        $coats = $asked->optional('coats')?->choice(array_map(strval(...), range(0, self::MOST_COATS)));

        return new WhatIf(
            (int) $coats,
            $loss,
            '1' === $asked->optional('breeze')?->choice(['0', '1']),
            $asked
                ->optional('method')
                ?->choice($this->catalogues->for($this->desk->account()->workshop)->methods->offered()),
        );
    }
}
