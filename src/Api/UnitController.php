<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\View\UnderstoodView;
use Hull\Input\InvalidInput;
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
    public function __construct(private YardContext $desk) {}

    #[Route('/api/understood', name: 'api_understood', methods: ['GET'])]
    #[QueryParameters('of', 'typed')]
    #[ResponseBody(UnderstoodView::class)]
    public function understood(Request $request): JsonResponse
    {
        $gallon = JsonBody::gallon($request);
        $asked = Node::root(
            ['of' => $request->query->getString('of'), 'typed' => $request->query->getString('typed')],
            $gallon,
        );
        $typed = $asked->field('typed')->text();
        $read = $refusal = null;
        foreach (self::dimensions($asked->field('of')) as $dimension) {
            try {
                $read ??= $asked->field('typed')->quantity(Quantity::classOf($dimension));
            } catch (InvalidInput $e) {
                $refusal ??= $e->getMessage();
            }
        }
        if (null === $read) {
            return new JsonResponse(new UnderstoodView('', '', '', 0.0, '', (string) $refusal));
        }
        $units = $this->desk->shown()->units;
        $other = UnitSystem::Metric === $units ? UnitSystem::Us : UnitSystem::Metric;
        $note = self::isBareGallon($typed) ? $gallon->words() . ' measure' : '';

        return new JsonResponse(
            new UnderstoodView(
                $read->format($units),
                $read->format($other),
                $note,
                $read->value(),
                $read::dimension()->recordUnit()->symbol(),
                '',
            ),
        );
    }

    /** @return list<Dimension> what it may be, in the order in which it is tried */
    private static function dimensions(Node $of): array
    {
        $known = array_map(static fn(Dimension $d): string => $d->value, Dimension::cases());

        return array_map(
            static fn(string $one): Dimension => Dimension::from($of->holding(trim($one))->choice($known)),
            explode(',', $of->text()),
        );
    }

    /** Says a measure of which there are two, without saying which. */
    private static function isBareGallon(string $typed): bool
    {
        return 1 === preg_match('/\b(gal|qt|pt|quart|pint|gallon|fl\.? ?oz|fluid)/i', $typed) &&
            1 !== preg_match('/\b(us|imp|imperial|uk)\b/i', $typed);
    }
}
