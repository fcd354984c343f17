<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Body\NewJob;
use App\Api\View\Created;
use App\Api\View\JobView;
use App\Work\Shelf;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

/** Jobs and parts: renamed, removed, brought back, another like this. */
final readonly class ShelfController
{
    public function __construct(private YardContext $desk, private Shelf $shelf, private TodayScreen $today) {}

    #[Route('/api/jobs/{job}', name: 'api_job_rename', methods: ['PUT'])]
    #[ResponseBody(JobView::class)]
    public function rename(string $job, #[FromBody] NewJob $body): JsonResponse
    {
        $row = $this->desk->job($job);
        $this->shelf->rename($row, $body->name, $body->note);

        return new JsonResponse($this->today->job($row));
    }

    #[Route('/api/jobs/{job}', name: 'api_job_remove', methods: ['DELETE'])]
    #[ResponseBody(null, 204)]
    public function removeJob(string $job): Response
    {
        $this->shelf->removeJob($this->desk->anyJob($job));

        return new Response(null, 204);
    }

    #[Route('/api/jobs/{job}/restore', name: 'api_job_restore', methods: ['POST'])]
    #[ResponseBody(Created::class)]
    public function restoreJob(string $job): JsonResponse
    {
        return new JsonResponse(
            new Created((string) ($this->shelf->restoreJob(self::id($job))->id ?? throw new NotFoundHttpException())),
        );
    }

    #[Route('/api/jobs/{job}/copy', name: 'api_job_copy', methods: ['POST'])]
    #[ResponseBody(Created::class, 201)]
    public function copyJob(string $job): JsonResponse
    {
        return new JsonResponse(new Created((string) $this->shelf->copyJob($this->desk->anyJob($job))->id), 201);
    }

    #[Route('/api/parts/{part}', name: 'api_part_remove', methods: ['DELETE'])]
    #[ResponseBody(null, 204)]
    public function removePart(string $part): Response
    {
        $this->shelf->removePart($this->desk->part($part));

        return new Response(null, 204);
    }

    #[Route('/api/parts/{part}/restore', name: 'api_part_restore', methods: ['POST'])]
    #[ResponseBody(Created::class)]
    public function restorePart(string $part): JsonResponse
    {
        return new JsonResponse(
            new Created((string) ($this->shelf->restorePart(self::id($part))->id ?? throw new NotFoundHttpException())),
        );
    }

    #[Route('/api/parts/{part}/copy', name: 'api_part_copy', methods: ['POST'])]
    #[ResponseBody(Created::class, 201)]
    public function copyPart(string $part): JsonResponse
    {
        return new JsonResponse(new Created((string) $this->shelf->copyPart($this->desk->part($part))->id), 201);
    }

    private static function id(string $text): Uuid
    {
        return Uuid::isValid($text) ? Uuid::fromString($text) : throw new NotFoundHttpException();
    }
}
