<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\HealthView;
use App\Keep\Health;
use App\Keep\Metrics;
use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** For those who look after the instance; nothing of any yard is said here. */
final readonly class HealthController
{
    public function __construct(private Health $health, private Metrics $metrics) {}

    #[Route('/api/health', name: 'api_health', methods: ['GET'])]
    #[ResponseBody(HealthView::class)]
    public function health(): JsonResponse
    {
        $view = $this->health->view();

        return new JsonResponse($view, $view->up ? 200 : 503, [
            'Cache-Control' => 'no-store',
            ...$view->up ? [] : ['Retry-After' => '5'],
        ]);
    }

    /** Figures in the text format that collectors of metrics read; for the machine itself only. */
    #[Route('/metrics', name: 'metrics', methods: ['GET'])]
    public function metrics(Request $request): Response
    {
        if (!IpUtils::checkIp($request->getClientIp() ?? '', ['127.0.0.1', '::1'])) {
            throw new NotFoundHttpException();
        }

        return new Response($this->metrics->text($this->health->view()), 200, [
            'Content-Type' => 'text/plain; version=0.0.4; charset=utf-8',
            'Cache-Control' => 'no-store',
        ]);
    }
}
