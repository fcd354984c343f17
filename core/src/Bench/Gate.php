<?php

declare(strict_types=1);

namespace Hull\Bench;

use Hull\Climate\Air;
use Hull\Compute\Registry;
use Hull\Compute\Result;
use Hull\Quantity\RelativeHumidity;
use Hull\Surface\Product;

/** May a film go on in this air? For one product by its sheet, for any by what is usual. */
final class Gate
{
    public static function of(Air $air, ?Product $product = null): Result
    {
        $inputs = [
            'temperature' => $air->temperature,
            'humidity' => RelativeHumidity::ratio(max(0.001, $air->humidity->value())),
        ];
        if (null === $product) {
            return Registry::standard()->run('climate.apply-gate', $inputs);
        }
        $sheet = [
            'least' => $product->least,
            'most' => $product->most,
            'leastHumidity' => $product->leastHumidity,
            'mostHumidity' => $product->mostHumidity,
        ];

        return Registry::standard()->run('climate.apply-gate', $inputs + $sheet, $product->sourceOf('climate'));
    }
}
