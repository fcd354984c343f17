<?php

declare(strict_types=1);

namespace App\Api\View;

/** The sheet of the workshop’s own tin for a class of product. */
final readonly class SheetView
{
    /**
     * @param list<SheetFieldView> $fields
     */
    public function __construct(
        public string $product,
        public string $class,
        public string $name,
        public string $source,
        public array $fields,
        public string $text,
    ) {}
}
