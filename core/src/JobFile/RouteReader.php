<?php

declare(strict_types=1);

namespace Hull\JobFile;

use Hull\Catalog\Catalogue;
use Hull\Input\InvalidInput;
use Hull\Input\Node;
use Hull\Job\Route;
use Hull\Job\RouteStep;

/** An order of work: steps of the catalogue, coats with their products. */
final readonly class RouteReader
{
    public function __construct(private Catalogue $catalogue) {}

    public function read(Node $list): Route
    {
        $steps = [];
        $keys = [];
        foreach ($list->items(500) as $n) {
            $step = $this->step($n);
            if ('' !== $step->key && isset($keys[$step->key])) {
                throw $n->field('key')->refuse('Two steps have this key.', 'a key of its own, or none');
            }
            $keys[$step->key] = true;
            $steps[] = $step;
        }

        return Route::of($steps);
    }

    private function step(Node $n): RouteStep
    {
        if (is_string($n->value)) {
            return $this->withProduct($n, '', $n->keyOf($this->catalogue->steps), null, '');
        }
        $n->only(['key', 'step', 'product', 'because']);

        return $this->withProduct(
            $n,
            $n->optional('key')?->text(60) ?? '',
            $n->field('step')->keyOf($this->catalogue->steps),
            $n->optional('product')?->keyOf($this->catalogue->products),
            Node::remark($n->optional('because'), 500),
        );
    }

    private function withProduct(Node $n, string $key, string $step, ?string $product, string $because): RouteStep
    {
        if (($this->catalogue->coat === $step) !== (null !== $product)) {
            throw new InvalidInput(
                $n->pointer . '/product',
                $this->catalogue->coat === $step ? 'A coat needs its product.' : 'Only a coat has a product.',
                'for ' . $this->catalogue->coat . ' one of: ' . implode(', ', array_keys($this->catalogue->products)),
            );
        }

        return new RouteStep($key, $step, $product, $because);
    }
}
