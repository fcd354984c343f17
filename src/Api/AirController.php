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
use Hull\JobFile\Moments;
use Hull\Quantity\Instant;
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
    public function __construct(
        private YardContext $desk,
        private YardAir $air,
        private PlaceHoursScreen $screen,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/air/forecast', name: 'api_air_forecast', methods: ['POST'])]
    #[ResponseBody(null, 204)]
    public function forecast(#[FromBody] CsvBody $body): Response
    {
        $this->air->keep($this->desk->account()->workshop, ClimateCsv::forecast($body->text, 'CSV'));

        return new Response(null, 204);
    }

    #[Route('/api/air/reading', name: 'api_air_reading', methods: ['POST'])]
    #[ResponseBody(null, 204)]
    public function reading(#[FromBody] ReadingBody $body): Response
    {
        $this->air->read(
            $this->desk->account()->workshop,
            $this->place($body->place)[0],
            null === $body->at ? $this->clock->now() : Moments::instant(Node::at('/at', $body->at)),
            Moments::air(Node::root(['temperature' => $body->temperature, 'humidity' => $body->humidity])),
            'by hand',
        );

        return new Response(null, 204);
    }

    #[Route('/api/air/readings', name: 'api_air_readings', methods: ['POST'])]
    #[ResponseBody(null, 204)]
    public function readings(#[FromBody] ReadingsBody $body): Response
    {
        [$name] = $this->place($body->place);
        $read = ClimateCsv::readings($body->text);
        foreach ($read as [$hour, $air]) {
            $this->air->read($this->desk->account()->workshop, $name, Instant::at($hour), $air, 'CSV');
        }

        return new Response(null, 204);
    }

    #[Route('/api/air/hours', name: 'api_air_hours', methods: ['GET'])]
    #[Lasts]
    #[QueryParameters('place')]
    public function csv(Request $request): Response
    {
        [, $place] = $this->place(JsonBody::query($request)->optional('place')?->text(80));

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
        [, $place] = $this->place($asked->optional('place')?->text(80));

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
    private function place(?string $asked): array
    {
        $places = $this->air->places();
        $known = array_map(strval(...), array_keys($places));
        $name =
            null === $asked
                ? $known[0] ?? throw new NotFoundHttpException()
                : Node::at('/place', $asked)->choice($known);

        return [$name, $places[$name]];
    }
}
