<?php

declare(strict_types=1);

namespace App\Api\View;

/** The store: materials and tins, what expires soon and what for, what must not stand together, sheets, suppliers. */
final readonly class StoreView
{
    /**
     * @param list<MaterialView> $materials
     * @param list<ExpiryView> $expiring
     * @param list<ConflictView> $conflicts
     * @param list<SheetView> $sheets
     * @param list<SupplierView> $suppliers
     * @param list<Option> $kinds
     */
    public function __construct(
        public string $now,
        public array $materials,
        public array $expiring,
        public array $conflicts,
        public array $sheets,
        public array $suppliers,
        public array $kinds,
        public string $sheetExample,
        public string $csvExample,
        public int $sheetsVersion,
        public int $suppliersVersion,
    ) {}
}
