<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\Body\CsvBody;
use App\Api\Body\ReadingBody;
use App\Api\Body\ReadingsBody;
use App\Api\View\AsIfView;
use App\Format\ClimateCsv;
use App\Work\YardAir;
use Hull\Climate\Air;
use Hull\Input\Node;
use Hull\Job\Place;
use Hull\JobFile\JobReader;
use Hull\Quantity\RelativeHumidity;
use Hull\Quantity\Temperature;
use Hull\Quantity\Volume;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The air of the yard's places: forecasts and readings in, hours out, and what heating or drying would do. */
final readonly class AirController
{
    private const MOST_TEXT = 2_000_000;

    public function __construct(
        private YardContext $desk,
        private YardAir $air,
        private PlaceHoursScreen $screen,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/air/forecast', name: 'api_air_forecast', methods: ['POST'])]
    #[RequestBody(CsvBody::class)]
    #[ResponseBody(null, 204)]
    public function forecast(Request $request): Response
    {
        $this->air->keep(
            $this->desk->account()->workshop,
            ClimateCsv::forecast(
                JsonBody::of($request)
                    ->only(['text'])
                    ->field('text')
                    ->text(self::MOST_TEXT),
                'CSV',
            ),
        );

        return new Response(null, 204);
    }

    #[Route('/api/air/reading', name: 'api_air_reading', methods: ['POST'])]
    #[RequestBody(ReadingBody::class)]
    #[ResponseBody(null, 204)]
    public function reading(Request $request): Response
    {
        $body = JsonBody::of($request)->only(['place', 'temperature', 'humidity', 'at']);
        $at = $body->optional('at');
        $this->air->read(
            $this->desk->account()->workshop,
            $this->place($body)[0],
            null === $at ? $this->clock->now() : JobReader::instant($at),
            JobReader::air($body),
            'by hand',
        );

        return new Response(null, 204);
    }

    #[Route('/api/air/readings', name: 'api_air_readings', methods: ['POST'])]
    #[RequestBody(ReadingsBody::class)]
    #[ResponseBody(null, 204)]
    public function readings(Request $request): Response
    {
        $body = JsonBody::of($request)->only(['place', 'text']);
        [$name] = $this->place($body);
        $read = ClimateCsv::readings($body->field('text')->text(self::MOST_TEXT));
        foreach ($read as [$hour, $air]) {
            $this->air->read(
                $this->desk->account()->workshop,
                $name,
                new \DateTimeImmutable('@' . (int) round($hour * 3600)),
                $air,
                'CSV',
            );
        }

        return new Response(null, 204);
    }

    #[Route('/api/air/hours', name: 'api_air_hours', methods: ['GET'])]
    #[Lasts]
    #[QueryParameters('place')]
    public function csv(Request $request): Response
    {
        [, $place] = $this->place(JsonBody::query($request));

        return new Response(ClimateCsv::write($this->air->air($this->desk->account()->workshop, $place)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="air.csv"',
        ]);
    }

    /** As if the place were heated or dried; nothing is kept. */
    #[Route('/api/air/as-if', name: 'api_air_as_if', methods: ['GET'])]
    #[Lasts]
    #[QueryParameters('place', 'heat', 'dry', 'room')]
    #[ResponseBody(AsIfView::class)]
    public function asIf(Request $request): JsonResponse
    {
        $asked = JsonBody::query($request)->only(['place', 'heat', 'dry', 'room']);
        [, $place] = $this->place($asked);

        return new JsonResponse(
            $this->screen->asIf(
                $this->desk->account()->workshop,
                $place,
                $asked->optional('heat')?->quantity(Temperature::class),
                $asked->optional('dry')?->quantity(RelativeHumidity::class),
                $asked->optional('room')?->quantity(Volume::class),
                $this->desk->shown(),
            ),
        );
    }

    /** @return array{string, Place} */
    private function place(Node $body): array
    {
        $places = $this->air->places();
        $known = array_map(strval(...), array_keys($places));
        $name = $body->optional('place')?->choice($known) ?? ($known[0] ?? throw new NotFoundHttpException());

        return [$name, $places[$name]];
    }
}
