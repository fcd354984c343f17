<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\CalendarView;
use App\Work\YardCalendar;
use App\Work\YardSettings;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The schedule for calendars: as a file, and at a secret address that can be taken back. */
final readonly class CalendarController
{
    private const KEY_BYTES = 24;

    public function __construct(
        private YardContext $desk,
        private YardSettings $settings,
        private YardCalendar $calendar,
    ) {}

    #[Route('/api/calendar', name: 'api_calendar', methods: ['GET'])]
    #[ResponseBody(CalendarView::class)]
    public function show(Request $request): JsonResponse
    {
        return $this->address($request);
    }

    #[Route('/api/calendar', name: 'api_calendar_new', methods: ['POST'])]
    #[ResponseBody(CalendarView::class)]
    public function renew(Request $request): JsonResponse
    {
        $this->settings->calendarKey($this->desk->account()->workshop, bin2hex(random_bytes(self::KEY_BYTES)));

        return $this->address($request);
    }

    #[Route('/api/calendar', name: 'api_calendar_revoke', methods: ['DELETE'])]
    #[ResponseBody(null, 204)]
    public function revoke(): Response
    {
        $this->settings->calendarKey($this->desk->account()->workshop, null);

        return new Response(null, 204);
    }

    #[Route('/api/calendar/file', name: 'api_calendar_file', methods: ['GET'])]
    public function file(): Response
    {
        return self::answer(
            $this->calendar->of($this->desk->account()->workshop),
            'attachment; filename="schedule.ics"',
        );
    }

    #[Route('/calendar/{key}.ics', name: 'calendar_feed', requirements: ['key' => '[0-9a-f]{48}'], methods: ['GET'])]
    public function feed(string $key): Response
    {
        return self::answer($this->calendar->at($key) ?? throw new NotFoundHttpException(), 'inline');
    }

    private function address(Request $request): JsonResponse
    {
        $key = $this->desk->account()->workshop->calendarKey;

        return new JsonResponse(
            new CalendarView(null === $key ? null : $request->getSchemeAndHttpHost() . '/calendar/' . $key . '.ics'),
        );
    }

    private static function answer(string $text, string $disposition): Response
    {
        return new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => $disposition,
            'Cache-Control' => 'private, max-age=300',
        ]);
    }
}
