<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\EntryBody;
use App\Api\View\LogAnswer;
use App\Api\View\RecordView;
use App\Api\View\WindowsView;
use App\Catalog\Catalogues;
use App\Work\LogBook;
use App\Work\RouteBook;
use App\Work\RowMapper;
use Hull\Job\RouteStep;
use Hull\JobFile\LogReader;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** The windows and the record of a part. */
final readonly class RecordController
{
    public function __construct(
        private YardContext $desk,
        private RouteBook $routes,
        private LogBook $log,
        private RowMapper $stored,
        private Catalogues $catalogues,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/parts/{part}/windows', name: 'api_windows', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(WindowsView::class)]
    public function windows(string $part, WindowScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/record', name: 'api_record', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(RecordView::class)]
    public function record(string $part, RecordScreen $screen): JsonResponse
    {
        return new JsonResponse($screen->view($this->desk->part($part), $this->desk->shown()));
    }

    #[Route('/api/parts/{part}/log', name: 'api_log', methods: ['POST'])]
    #[RequestBody(EntryBody::class)]
    #[ResponseBody(LogAnswer::class, 201)]
    public function log(string $part, Request $request): JsonResponse
    {
        $row = $this->desk->part($part);
        $this->routes->hold($row);
        $body = JsonBody::of($request)->only([...LogReader::FIELDS, 'outside', 'despite']);
        $entry = $this->catalogues
            ->reader($row->workshop)
            ->log->entry($body->but('outside')->but('despite'), Uuid::v7()->toRfc4122());
        if ($entry->at > $this->clock->now()->modify('+5 minutes')) {
            throw $body->field('at')->refuse('This is in the future.', 'an instant up to now');
        }
        if (null !== $entry->stepKey && null === $this->stored->workpiece($row)->route()->find($entry->stepKey)) {
            throw $body->field('step')->refuse('The route has no such step.', 'the key of a step of the route');
        }
        if (
            null !== $entry->corrects &&
            [] ===
                array_filter(
                    $row->log->toArray(),
                    static fn(\App\Entity\LogRow $l): bool => $l->entryId === $entry->corrects,
                )
        ) {
            throw $body->field('corrects')->refuse('There is no such entry.', 'the id of an entry of this part');
        }
        $gained = $this->log->write(
            row: $row,
            entry: $entry,
            hand: $this->desk->account()->name,
            outside: $body->optional('outside')?->text(300),
            despite: $body->optional('despite')?->text(300),
        );

        return new JsonResponse(
            new LogAnswer(
                $entry->id,
                array_map(
                    fn(RouteStep $s): string => $this->catalogues->for($row->workshop)->step($s->step)->name,
                    $gained,
                ),
                $gained[0]->because ?? '',
            ),
            201,
        );
    }
}
