<?php

declare(strict_types=1);

namespace Hull\Job;

use Hull\Bench\CoatSheets;
use Hull\Bench\Replayed;
use Hull\Bench\Workpiece;
use Hull\Catalog\Product;
use Hull\Pack\Pack;
use Hull\Pack\PackChoice;
use Hull\Quantity\Money;
use Hull\Quantity\Volume;
use Hull\Route\StepRunner;

/**
 * The shopping list of a job: the paint of every coat not yet laid, as its mix card has it, product by product.
 *
 * What is left over counts for nothing here, since nobody has said what else it is for.
 */
final readonly class Shopping
{
    /** A small tin is dearer by the litre: price goes with size to this power (estimate). */
    private const BY_SIZE = 0.85;
    private const VESSEL = 1.0;

    /**
     * @param array<string, Need> $needs by product id
     * @param array<int, int>     $discs by grit, coarse first
     */
    private function __construct(public array $needs, public array $discs)
    {
    }

    /**
     * @param array<string, Workpiece> $pieces by part id
     * @param array<string, Replayed>  $done   what the record says of each, by part id
     */
    public static function of(array $pieces, array $done): self
    {
        $products = [];
        $coats = [];
        $thinner = [];
        foreach ($pieces as $id => $piece) {
            foreach ((new CoatSheets($piece, $piece->context->air()))->of($piece->route(), Volume::litres(self::VESSEL)) as $sheet) {
                if (isset($done[$id]->finished[$sheet->stepKey])) {
                    continue;
                }
                $products[$sheet->product->id] = $sheet->product;
                $coats[$sheet->product->id][] = [$id, $sheet->stepKey, $sheet->quantity->quantity('needed', Volume::class)];
                $thinner[$sheet->product->id] = ($thinner[$sheet->product->id] ?? 0.0) + $sheet->quantity->quantity('mixed', Volume::class)->litresValue() - $sheet->quantity->quantity('needed', Volume::class)->litresValue();
            }
        }
        $needs = [];
        foreach ($products as $id => $product) {
            $paint = Volume::litres(array_sum(array_map(static fn (array $c): float => $c[2]->litresValue(), $coats[$id])));
            $needs[$id] = new Need($product, $coats[$id], $paint, Volume::litres(max(0.0, $thinner[$id])), PackChoice::cheapest($paint, self::packs($product), false));
        }
        ksort($needs);

        return new self($needs, self::discs($pieces, $done));
    }

    /**
     * Discs and sheets of every sanding not yet done: its area by what one does, whole ones over the job.
     *
     * @param array<string, Workpiece> $pieces
     * @param array<string, Replayed>  $done
     *
     * @return array<int, int>
     */
    private static function discs(array $pieces, array $done): array
    {
        $share = [];
        foreach ($pieces as $id => $piece) {
            $runner = new StepRunner($piece->context);
            foreach (Workpiece::remaining($piece->route(), $done[$id]) as $routeStep) {
                $step = $piece->context->catalogue()->step($routeStep->step);
                foreach ($step->grits->of ?? [] as $grit) {
                    $share[$grit] = ($share[$grit] ?? 0.0) + $piece->context->area()->m2() * $runner->share($step) / ($step->grits->run->discLife[$grit] ?? 1.0);
                }
            }
        }
        ksort($share);

        return array_map(static fn (float $discs): int => (int) ceil($discs - 1e-9), $share);
    }

    public function price(): Money
    {
        return Money::minor(array_sum(array_map(static fn (Need $n): int => $n->purchase->price->minor, $this->needs)));
    }

    /** @return non-empty-list<Pack> */
    private static function packs(Product $product): array
    {
        $packs = [];
        foreach ([] === $product->packs ? ['1 L'] : $product->packs as $size) {
            $volume = Volume::parse($size);
            $packs[] = new Pack($volume, Money::minor((int) round($product->price * $volume->litresValue() ** self::BY_SIZE)));
        }

        return $packs;
    }
}
