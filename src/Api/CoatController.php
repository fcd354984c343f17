<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\View\CoverView;
use App\Api\View\MixView;
use App\Api\View\PourView;
use App\Device\Scale;
use App\Work\RowMapper;
use App\Work\YardAir;
use Hull\Bench\Tools;
use Hull\Input\Node;
use Hull\Quantity\Instant;
use Hull\Quantity\Mass;
use Hull\Quantity\Volume;
use Hull\Route\NoRoute;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Coats at the bench: what is mixed, poured, and whether the store has it. */
final readonly class CoatController
{
    private const VESSEL = '1 L';

    public function __construct(
        private YardContext $desk,
        private RowMapper $stored,
        private YardAir $air,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/parts/{part}/mix', name: 'api_mix', methods: ['GET'])]
    #[QueryParameters('vessel', 'scale', 'helper', 'tray')]
    #[ResponseBody(MixView::class)]
    public function mix(string $part, Request $request, CoatScreen $screen, Scale $scale, AirWords $words): JsonResponse
    {
        $row = $this->desk->part($part);
        $tools = $this->tools($request, $row->workshop->scaleStepG);
        $shown = $this->desk->shown();
        $read = $this->stored->part($row);
        try {
            $piece = $this->stored->workpiece($row);
            $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
            $cards = $screen->cards($piece->inAir($replayed->air), $replayed, $tools, $shown);
            $place = $piece->place->name . ' · ' . $words->of($row, $replayed->air, $shown);

            return new JsonResponse(
                new MixView(
                    partId: (string) $row->id,
                    obstacle: '',
                    place: $place,
                    vessel: $shown->value($tools->vessel)->text,
                    scale: $shown->value($tools->step)->text,
                    helper: $tools->helper,
                    tray: $tools->tray,
                    coats: $cards,
                    scaleIsThere: $scale->isThere(),
                    now: Screens::instant(Instant::hour($this->clock->now())) ?? '',
                ),
            );
        } catch (NoRoute $e) {
            return new JsonResponse(
                new MixView(
                    partId: (string) $row->id,
                    obstacle: $e->says,
                    place: $this->stored->places($row->job)[$read->place]->name,
                    vessel: $shown->value($tools->vessel)->text,
                    scale: $shown->value($tools->step)->text,
                    helper: $tools->helper,
                    tray: $tools->tray,
                    coats: [],
                    scaleIsThere: false,
                    now: '',
                ),
            );
        }
    }

    #[Route('/api/parts/{part}/pour/{step}', name: 'api_pour', methods: ['GET'])]
    #[QueryParameters('vessel', 'scale', 'helper', 'tray', 'poured', 'zero')]
    #[ResponseBody(PourView::class)]
    public function pour(string $part, string $step, Request $request, PourScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);
        $asked = Node::root(
            array_filter(
                ['poured' => $request->query->get('poured'), 'zero' => $request->query->get('zero')],
                static fn(mixed $v): bool => null !== $v,
            ),
        );
        $whole = static fn(?Node $n): float => null === $n
            ? 0.0
            : (is_numeric($n->value) && abs((float) $n->value) < 1e6
                ? (float) $n->value
                : throw $n->refuse('This is not a number.', 'a number'));
        $view = $screen->view(
            $row,
            $step,
            $this->tools($request, $row->workshop->scaleStepG),
            (int) $whole($asked->optional('poured')),
            $whole($asked->optional('zero')),
            $this->desk->shown(),
        );

        return new JsonResponse($view ?? throw new NotFoundHttpException());
    }

    #[Route('/api/parts/{part}/cover/{step}', name: 'api_cover', methods: ['GET'])]
    #[Lasts]
    #[ResponseBody(CoverView::class)]
    public function cover(string $part, string $step, CoverScreen $screen): JsonResponse
    {
        $row = $this->desk->part($part);

        return new JsonResponse(
            $screen->view($row, $step, $this->desk->jobs(), $this->desk->shown()) ?? throw new NotFoundHttpException(),
        );
    }

    private function tools(Request $request, float $stepG): Tools
    {
        $asked = Node::root(
            [
                'vessel' => $request->query->getString('vessel', self::VESSEL),
                'scale' => $request->query->getString('scale'),
                'helper' => $request->query->getString('helper', '0'),
                'tray' => $request->query->getString('tray', '0'),
            ],
            JsonBody::gallon($request),
        );
        $vessel = $asked->field('vessel')->quantity(Volume::class);
        $step =
            '' === $asked->field('scale')->value ? Mass::grams($stepG) : $asked->field('scale')->quantity(Mass::class);
        if ($vessel->litresValue() <= 0.0) {
            throw $asked
                ->field('vessel')
                ->refuse('A vessel without room mixes nothing.', 'a volume above zero such as 1 L');
        }
        if ($step->kg() <= 0.0) {
            throw $asked
                ->field('scale')
                ->refuse('A scale without a step reads nothing.', 'a mass above zero such as 1 g or 0.1 g');
        }

        return new Tools(
            $vessel,
            $step,
            '1' === $asked->field('helper')->choice(['0', '1']),
            '1' === $asked->field('tray')->choice(['0', '1']),
        );
    }
}
