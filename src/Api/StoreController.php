<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\CsvBody;
use App\Api\Body\MovementBody;
use App\Api\Body\SheetBody;
use App\Api\Body\SuppliersBody;
use App\Api\Body\TinBody;
use App\Api\View\StoreView;
use App\Catalog\Catalogues;
use App\Catalog\OwnText;
use App\Format\Csv;
use App\Work\TinLedger;
use App\Work\YardSettings;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Store\Movement;
use Hull\Store\MovementKind;
use Hull\Store\Supplier;
use Hull\Store\TinReader;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Tins, their ledgers, the sheets of the tins, and who sells them. */
final readonly class StoreController
{
    private const BY_HAND = [
        MovementKind::Opened,
        MovementKind::Activated,
        MovementKind::Used,
        MovementKind::Counted,
        MovementKind::Binned,
    ];
    private const MOST_TEXT = 500_000;

    public function __construct(
        private YardContext $desk,
        private TinLedger $room,
        private StoreScreen $screen,
        private YardSettings $settings,
        private Catalogues $catalogues,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/store', name: 'api_store', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(StoreView::class)]
    public function show(): JsonResponse
    {
        return $this->answer();
    }

    #[Route('/api/store/tins', name: 'api_store_receive', methods: ['POST'])]
    #[RequestBody(TinBody::class)]
    #[ResponseBody(StoreView::class, 201)]
    public function receive(Request $request): JsonResponse
    {
        $this->room->receive(
            $this->desk->account()->workshop,
            (new TinReader($this->catalogues->for($this->desk->account()->workshop)))->tins(
                JsonBody::of($request),
                $this->clock->now(),
            ),
        );

        return $this->answer(201);
    }

    #[Route('/api/store/tins/import', name: 'api_store_import', methods: ['POST'])]
    #[RequestBody(CsvBody::class)]
    #[ResponseBody(StoreView::class, 201)]
    public function import(Request $request): JsonResponse
    {
        $reader = new TinReader($this->catalogues->for($this->desk->account()->workshop));
        $rows = Csv::read(
            JsonBody::of($request)
                ->only(['text'])
                ->field('text')
                ->text(self::MOST_TEXT),
            TinReader::FIELDS,
            TinReader::REQUIRED,
        );
        $tins = [];
        foreach ($rows as $row) {
            try {
                $tins = [...$tins, ...$reader->tins($row, $this->clock->now())];
            } catch (InvalidInput $e) {
                throw Csv::refusal($e);
            }
        }
        $this->room->receive($this->desk->account()->workshop, $tins);

        return $this->answer(201);
    }

    #[Route('/api/store/tins/{tin}/movements', name: 'api_store_move', methods: ['POST'])]
    #[RequestBody(MovementBody::class)]
    #[ResponseBody(StoreView::class, 201)]
    public function move(string $tin, Request $request): JsonResponse
    {
        $row = $this->room->find($tin);
        $this->room->hold($row);
        $body = JsonBody::of($request)->only(['kind', 'amount', 'note']);
        $kind = MovementKind::from(
            $body->field('kind')->choice(array_map(static fn(MovementKind $k): string => $k->value, self::BY_HAND)),
        );
        $state = $this->room->state($row);
        $clocked = MovementKind::Opened === $kind || MovementKind::Activated === $kind;
        $amount = $clocked
            ? null
            : (
                $body->optional('amount') ?? (MovementKind::Binned === $kind ? null : $body->field('amount'))
            )?->quantity($state->left::class);
        if (MovementKind::Binned === $kind) {
            $amount ??= $state->left;
        }
        if (null !== $amount && MovementKind::Counted !== $kind && $amount->value() > $state->left->value() + 1e-9) {
            throw $body
                ->field('amount')
                ->refuse(
                    'There is not so much in it.',
                    sprintf('up to %s; or count it anew first', $this->desk->shown()->value($state->left)->text),
                );
        }
        if (
            MovementKind::Activated === $kind &&
            null === $this->catalogues->for($row->workshop)->shelf($row->material)->activated
        ) {
            throw $body
                ->field('kind')
                ->refuse('This is not a can that is activated.', 'opened, used, counted or binned');
        }
        $this->room->move(
            $row,
            new Movement($kind, $amount, $this->clock->now(), null, Node::remark($body->optional('note'), 500)),
        );

        return $this->answer(201);
    }

    #[Route('/api/store/sheets', name: 'api_store_sheet', methods: ['POST'])]
    #[RequestBody(SheetBody::class)]
    #[ResponseBody(null, 204)]
    public function sheet(Request $request, OwnText $own): Response
    {
        $workshop = $this->desk->account()->workshop;
        $body = JsonBody::of($request)->only(['text', 'version']);
        $sheet = $own->sheet($body->field('text')->text(self::MOST_TEXT), $workshop->ownCatalogue);
        $this->settings->keepSheet($workshop, $sheet, YardContext::version($body));

        return new Response(null, 204);
    }

    #[Route('/api/store/sheets/{product}', name: 'api_store_sheet_drop', methods: ['DELETE'])]
    #[ResponseBody(null, 204)]
    public function drop(string $product): Response
    {
        $workshop = $this->desk->account()->workshop;
        if (!in_array($product, array_column($workshop->sheets, 'class'), true)) {
            throw new NotFoundHttpException();
        }
        $this->settings->dropSheet($workshop, $product);

        return new Response(null, 204);
    }

    #[Route('/api/store/suppliers', name: 'api_store_suppliers', methods: ['PUT'])]
    #[RequestBody(SuppliersBody::class)]
    #[ResponseBody(StoreView::class)]
    public function suppliers(Request $request): JsonResponse
    {
        $suppliers = [];
        $body = JsonBody::of($request)->only(['suppliers', 'version']);
        foreach ($body->field('suppliers')->items(20) as $n) {
            $n->only(['name', 'leadDays', 'sells']);
            $suppliers[] = new Supplier(
                $n->field('name')->text(80),
                $n->field('leadDays')->integer(0, 365),
                array_map(static fn(Node $s): string => $s->choice(Supplier::KINDS), $n->field('sells')->items(10)),
            );
        }
        $this->settings->suppliers($this->desk->account()->workshop, $suppliers, YardContext::version($body));

        return $this->answer();
    }

    private function answer(int $status = 200): JsonResponse
    {
        return new JsonResponse(
            $this->screen->view($this->desk->account()->workshop, $this->desk->jobs(), $this->desk->shown()),
            $status,
        );
    }
}
