<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\UnderstoodView;
use Hull\Input\Node;
use Hull\Quantity\Dimension;
use Hull\Quantity\Quantity;
use Hull\Quantity\UnitSystem;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Says back what was typed, so that a quantity misread is seen beside its field. */
final readonly class UnitController
{
    public function __construct(private Desk $desk)
    {
    }

    #[Route('/api/understood', name: 'api_understood', methods: ['GET'])]
    #[Asks('of', 'typed')]
    #[Answers(UnderstoodView::class)]
    public function understood(Request $request): JsonResponse
    {
        $asked = Node::root(['of' => $request->query->getString('of'), 'typed' => $request->query->getString('typed')], JsonBody::gallon($request));
        $dimension = Dimension::from($asked->field('of')->choice(array_map(static fn (Dimension $d): string => $d->value, Dimension::cases())));
        $quantity = $asked->field('typed')->quantity(Quantity::classOf($dimension));
        $units = $this->desk->shown()->units;
        $bare = 1 === preg_match('/\b(gal|qt|pt|quart|pint|gallon|fl\.? ?oz|fluid)/i', $asked->field('typed')->text()) && 1 !== preg_match('/\b(us|imp|imperial|uk)\b/i', $asked->field('typed')->text());

        return new JsonResponse(new UnderstoodView($quantity->format($units), $quantity->format(UnitSystem::Metric === $units ? UnitSystem::Us : UnitSystem::Metric), $bare ? JsonBody::gallon($request)->words().' gallon' : '', $quantity->si(), $dimension->siUnit()->symbol()));
    }
}
