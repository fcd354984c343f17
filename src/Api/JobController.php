<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\ArchivedBody;
use App\Api\Body\CloseBody;
use App\Api\Body\NewJob;
use App\Api\Body\WithoutBody;
use App\Api\View\BoardView;
use App\Api\View\ClosedJobs;
use App\Api\View\Created;
use App\Api\View\JobList;
use App\Api\View\JobView;
use App\Api\View\TodayView;
use App\Catalog\Catalogues;
use App\Work\ClosedBooks;
use App\Work\JobBook;
use App\Work\RowMapper;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\JobFile\JobWriter;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

final readonly class JobController
{
    public function __construct(
        private YardContext $desk,
        private JobBook $jobs,
        private TodayScreen $today,
        private ClosedBooks $books,
        private ClosedScreen $closed,
    ) {}

    #[Route('/api/today', name: 'api_today', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(TodayView::class)]
    public function today(): JsonResponse
    {
        return new JsonResponse($this->today->view($this->desk->jobs(), $this->desk->shown()));
    }

    #[Route('/api/jobs', name: 'api_jobs', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(JobList::class)]
    public function list(): JsonResponse
    {
        return new JsonResponse($this->today->jobs($this->desk->jobs()));
    }

    #[Route('/api/jobs', name: 'api_job_open', methods: ['POST'])]
    #[ResponseBody(Created::class, 201)]
    public function open(#[FromBody] NewJob $body): JsonResponse
    {
        $row = $this->jobs->open($this->desk->account()->workshop, $body->name, $body->note);

        return new JsonResponse(new Created((string) $row->id), 201);
    }

    #[Route('/api/jobs/import', name: 'api_job_import', methods: ['POST'])]
    #[ResponseBody(Created::class, 201)]
    public function import(Request $request, Catalogues $catalogues): JsonResponse
    {
        $row = $this->jobs->import(
            $this->desk->account()->workshop,
            $catalogues->reader($this->desk->account()->workshop)->job(JsonBody::of($request)),
        );

        return new JsonResponse(new Created((string) $row->id), 201);
    }

    /** Those that are closed, newest first, a page at a time. */
    #[Route('/api/closed-jobs', name: 'api_closed_jobs', methods: ['GET'])]
    #[Lasts]
    #[QueryParameters('archived', 'page', 'search')]
    #[ResponseBody(ClosedJobs::class)]
    public function closed(Request $request): JsonResponse
    {
        $ask = JsonBody::query($request)->only(['archived', 'page', 'search']);

        return new JsonResponse(
            $this->closed->page(
                'yes' === $ask->optional('archived')?->choice(['yes', 'no']),
                self::pageNumber($ask->optional('page')?->text(6) ?? '1'),
                $ask->optional('search')?->text(120) ?? '',
            ),
        );
    }

    /** Closes the book. Where work is left it is done only if that is said. */
    #[Route('/api/jobs/{job}/close', name: 'api_job_close', methods: ['POST'])]
    #[ResponseBody(JobView::class)]
    public function close(string $job, #[FromBody] CloseBody $body): JsonResponse
    {
        $row = $this->desk->job($job);
        $this->books->close($row, $body->leaving);

        return new JsonResponse($this->today->job($row));
    }

    #[Route('/api/jobs/{job}/reopen', name: 'api_job_reopen', methods: ['POST'])]
    #[ResponseBody(JobView::class)]
    public function reopen(string $job): JsonResponse
    {
        $row = $this->desk->anyJob($job);
        $this->books->reopen($row);

        return new JsonResponse($this->today->job($row));
    }

    #[Route('/api/jobs/{job}/archived', name: 'api_job_archived', methods: ['PUT'])]
    #[ResponseBody(null, 204)]
    public function archive(string $job, #[FromBody] ArchivedBody $body): Response
    {
        $this->books->archive($this->desk->anyJob($job), $body->archived);

        return new Response(null, 204);
    }

    #[Route('/api/jobs/{job}', name: 'api_job', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(JobView::class)]
    public function show(string $job): JsonResponse
    {
        return new JsonResponse($this->today->job($this->desk->job($job)));
    }

    #[Route('/api/jobs/{job}/board', name: 'api_job_board', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(BoardView::class)]
    public function board(string $job, BoardScreen $board): JsonResponse
    {
        return new JsonResponse($board->view($this->desk->job($job), $this->desk->shown()));
    }

    #[Route('/api/jobs/{job}/without', name: 'api_job_without', methods: ['PUT'])]
    #[ResponseBody(JobView::class)]
    public function without(string $job, #[FromBody] WithoutBody $body, Catalogues $catalogues): JsonResponse
    {
        $row = $this->desk->job($job);
        $this->jobs->doWithout(
            $row,
            $catalogues->reader($row->workshop)->without(Node::at('/without', $body->without)),
        );

        return new JsonResponse($this->today->job($row));
    }

    #[Route('/api/jobs/{job}/file', name: 'api_job_file', methods: ['GET'])]
    public function file(string $job, RowMapper $stored): JsonResponse
    {
        $read = $stored->job($this->desk->job($job));
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($read->name)), '-');
        $response = new JsonResponse(JobWriter::job($read));
        $response->setEncodingOptions(
            \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
        );
        $response->headers->set(
            'Content-Disposition',
            sprintf('attachment; filename="%s.hull.json"', '' === $slug ? 'job' : $slug),
        );

        return $response;
    }

    private static function pageNumber(string $asked): int
    {
        return ctype_digit($asked) && (int) $asked > 0
            ? (int) $asked
            : throw new InvalidInput('/page', 'There is no such page.', 'a whole number from 1 on');
    }
}
