<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\CsvBody;
use App\Api\Body\MovementBody;
use App\Api\Body\SheetBody;
use App\Api\Body\SupplierBody;
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
    #[ResponseBody(StoreView::class, 201)]
    public function import(#[FromBody] CsvBody $body): JsonResponse
    {
        $reader = new TinReader($this->catalogues->for($this->desk->account()->workshop));
        $rows = Csv::read($body->text, TinReader::FIELDS, TinReader::REQUIRED);
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
    #[ResponseBody(StoreView::class, 201)]
    public function move(string $tin, #[FromBody] MovementBody $body): JsonResponse
    {
        $row = $this->room->find($tin);
        $this->room->hold($row);
        $kind = MovementKind::from($body->kind);
        $state = $this->room->state($row);
        $clocked = MovementKind::Opened === $kind || MovementKind::Activated === $kind;
        $amount = match (true) {
            $clocked => null,
            null === $body->amount && MovementKind::Binned === $kind => $state->left,
            default => Node::root(['amount' => $body->amount], $this->desk->gallon())
                ->field('amount')
                ->quantity($state->left::class),
        };
        if (null !== $amount && MovementKind::Counted !== $kind && $amount->value() > $state->left->value() + 1e-9) {
            throw new InvalidInput(
                '/amount',
                'There is not so much in it.',
                sprintf('up to %s; or count it anew first', $this->desk->shown()->value($state->left)->text),
            );
        }
        if (
            MovementKind::Activated === $kind &&
            null === $this->catalogues->for($row->workshop)->shelf($row->material)->activated
        ) {
            throw new InvalidInput('/kind', 'This is not a can that is activated.', 'opened, used, counted or binned');
        }
        $this->room->move($row, new Movement($kind, $amount, $this->clock->now(), null, $body->note));

        return $this->answer(201);
    }

    #[Route('/api/store/sheets', name: 'api_store_sheet', methods: ['POST'])]
    #[ResponseBody(null, 204)]
    public function sheet(#[FromBody] SheetBody $body, OwnText $own): Response
    {
        $workshop = $this->desk->account()->workshop;
        $sheet = $own->sheet($body->text, $workshop->ownCatalogue);
        $this->settings->keepSheet($workshop, $sheet, $body->version);

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
    #[ResponseBody(StoreView::class)]
    public function suppliers(#[FromBody] SuppliersBody $body): JsonResponse
    {
        $suppliers = array_map(
            static fn(SupplierBody $s): Supplier => new Supplier($s->name, $s->leadDays, $s->sells),
            $body->suppliers,
        );
        $this->settings->suppliers($this->desk->account()->workshop, $suppliers, $body->version);

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
