<?php

declare(strict_types=1);

namespace App\Api;

use App\Answer\Lasts;
use App\Api\View\AgainstView;
use App\Api\View\FilmLine;
use App\Api\View\FilmList;
use App\Api\View\VerdictCell;
use App\Api\View\VerdictRow;
use App\Api\View\VerdictView;
use App\Catalog\Catalogues;
use Hull\Catalog\Step;
use Hull\Route\Compatibility;
use Hull\Route\Verdict;
use Hull\Surface\Precondition;
use Hull\Surface\Product;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** May this go over that on this material? Answered without a job. */
final readonly class CompatibilityController
{
    public const BARE = 'bare';
    private const WORDS = [
        Verdict::STRAIGHT => 'Yes, without abrading while the film below is in its window.',
        Verdict::ABRADED => 'Yes, after abrading.',
        Verdict::CURED => 'Yes, but only once the film below is fully cured.',
        Verdict::NO => 'No.',
    ];

    public function __construct(private Catalogues $catalogues, private YardContext $desk) {}

    #[Route('/api/compatibility/{substrate}', name: 'api_compatibility', methods: ['GET'])]
    #[Lasts(3600)]
    #[ResponseBody(FilmList::class)]
    public function films(string $substrate): JsonResponse
    {
        return new JsonResponse(
            new FilmList(
                array_map(
                    static fn(Product $p): FilmLine => new FilmLine($p->id, $p->name, $p->example, $p->hatch),
                    $this->asked($substrate)->films(),
                ),
            ),
        );
    }

    #[Route('/api/compatibility/{substrate}/{below}', name: 'api_compatibility_row', methods: ['GET'])]
    #[Lasts(3600)]
    #[ResponseBody(VerdictRow::class)]
    public function row(string $substrate, string $below): JsonResponse
    {
        $asked = $this->asked($substrate);
        $under = self::BARE === $below ? null : $this->film($below);

        return new JsonResponse(
            new VerdictRow(
                $below,
                array_map(
                    static fn(Product $p): VerdictCell => new VerdictCell($p->id, $asked->ask($under, $p)->answer()),
                    $asked->films(),
                ),
            ),
        );
    }

    #[Route('/api/compatibility/{substrate}/{below}/{above}', name: 'api_compatibility_answer', methods: ['GET'])]
    #[Lasts(3600)]
    #[ResponseBody(VerdictView::class)]
    public function answer(string $substrate, string $below, string $above): JsonResponse
    {
        $over = $this->film($above);
        $verdict = $this->asked($substrate)->ask(self::BARE === $below ? null : $this->film($below), $over);
        $words =
            self::BARE === $below && Verdict::NO !== $verdict->answer()
                ? 'Yes, on the bare material once it is prepared.'
                : self::WORDS[$verdict->answer()];

        return new JsonResponse(
            new VerdictView(
                $verdict->answer(),
                $words,
                self::steps($verdict->fresh),
                self::steps($verdict->cured),
                array_map(
                    static fn(Precondition $n): AgainstView => new AgainstView($n->says, $n->consequence, $n->source),
                    $verdict->against,
                ),
                '' === $over->notes ? [] : [$over->notes],
            ),
        );
    }

    /**
     * @param list<Step>|null $steps
     *
     * @return list<string>|null
     */
    private static function steps(?array $steps): ?array
    {
        return null === $steps ? null : array_map(static fn(Step $s): string => $s->name, $steps);
    }

    private function asked(string $substrate): Compatibility
    {
        $catalogue = $this->catalogues->for($this->desk->account()->workshop);

        return new Compatibility($catalogue, $catalogue->substrates[$substrate] ?? throw new NotFoundHttpException());
    }

    private function film(string $id): Product
    {
        $product = $this->catalogues->for($this->desk->account()->workshop)->products[$id] ?? null;

        return null !== $product && 'film' === $product->role ? $product : throw new NotFoundHttpException();
    }
}
