<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Catalogue;
use Hull\Catalog\FilmSystem;
use Hull\Catalog\SystemLayer;
use Hull\Catalog\Traits;
use Hull\Job\LayerWish;
use Hull\Job\Part;
use Hull\Quantity\Message;
use Hull\Surface\Product;

/**
 * The layers of a film system as they are wished on a part: another product of the same sort, a colour, a texture. What
 * cannot be is refused with its reason; nothing is laid in its place in silence.
 */
final readonly class LayerChoice
{
    /** Tag of what the colour of another layer shows through. */
    private const CLEAR = 'clear';
    private const FILM = 'film';

    private Catalogue $catalogue;

    public function __construct(private Traits $traits)
    {
        $this->catalogue = $traits->catalogue;
    }

    /**
     * The system as it is laid on a part; what was decided for layers it does not have is left aside, see idle().
     *
     * @throws NoRoute for a product that cannot stand in, or that the workshop does without
     */
    public function laid(FilmSystem $system, Part $part): FilmSystem
    {
        $layers = [];
        foreach ($system->layers as $layer) {
            $wish = $part->layer($layer->product->id);
            $layers[] = null === $wish ? $layer : $this->layer($layer, $wish);
        }

        return $layers === $system->layers ? $system : $system->laidAs($layers);
    }

    /**
     * @param list<LayerWish> $wishes
     *
     * @return list<LayerWish> those for layers that the system does not have
     */
    public static function idle(FilmSystem $system, array $wishes): array
    {
        $there = array_map(static fn(SystemLayer $l): string => $l->original(), $system->layers);

        return array_values(array_filter($wishes, static fn(LayerWish $w): bool => !in_array($w->layer, $there, true)));
    }

    /** @return list<Product> what may be laid in the place of a product, in the order of the catalogue */
    public function others(Product $layer): array
    {
        return array_values(
            array_filter(
                $this->catalogue->products,
                fn(Product $p): bool => $p->id !== $layer->id && '' === $this->whyNot($layer, $p),
            ),
        );
    }

    /** As the catalogue has it, whatever texture it is laid in. */
    public function product(string $id): Product
    {
        return $this->catalogue->product($id);
    }

    public static function isColoured(Product $product): bool
    {
        return !in_array(self::CLEAR, $product->tags, true);
    }

    /** @throws NoRoute */
    private function layer(SystemLayer $layer, LayerWish $wish): SystemLayer
    {
        $product = $layer->product;
        if (null !== $wish->instead && $wish->instead !== $product->id) {
            $other =
                $this->catalogue->products[$wish->instead] ??
                throw new NoRoute(
                    Message::of('There is no product "{product}" any more; pick another one.', product: $wish->instead),
                );
            $why = $this->whyNot($product, $other);
            if ('' !== $why) {
                throw new NoRoute(
                    Message::of(
                        '"{other}" cannot be laid in the place of "{product}": {why}.',
                        other: $other->name,
                        product: $product->name,
                        why: Message::sentence($why),
                    ),
                );
            }
            $product = $other;
        }
        if ('' !== $wish->texture) {
            $texture =
                $product->textures[$wish->texture] ??
                throw new NoRoute(
                    Message::of(
                        '"{product}" is not laid in the texture "{texture}".',
                        product: $product->name,
                        texture: $wish->texture,
                    ),
                );
            $product = $texture->product;
        }

        return new SystemLayer(
            product: $product,
            coats: $layer->coats,
            role: $layer->role,
            colour: $wish->colour,
            of: $layer->original(),
        );
    }

    /** Why a product cannot be laid in another's place; empty where it can. */
    private function whyNot(Product $layer, Product $other): string|Message
    {
        if (self::FILM !== $other->role) {
            return 'it is not laid as a film';
        }
        foreach ($this->catalogue->sorts as $tag => $says) {
            if (in_array($tag, $layer->tags, true) !== in_array($tag, $other->tags, true)) {
                return $says;
            }
        }
        $lacks = array_intersect($other->requires, $this->traits->lacks);

        return [] === $lacks
            ? ''
            : Message::of(
                'it asks for something this workshop does without: {gear}',
                gear: array_map(fn(string $id): string => $this->catalogue->limits[$id]->name, array_values($lacks)),
            );
    }
}
