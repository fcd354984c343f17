<?php

declare(strict_types=1);

namespace App\Api\View;

use Hull\Quantity\Message;

/** A work card: what was typed, figures, drawing, what to do in order, what to mind. */
final readonly class WorkCardView implements \JsonSerializable
{
    /**
     * @param array<int|string, string> $inputs
     * @param list<array<int|string, string>> $rows
     * @param list<CardFigure> $figures
     * @param list<string|Message> $steps
     * @param list<string|Message> $warnings
     * @param list<string> $cautions
     * @param list<string> $wear
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $kindName,
        public string $name,
        public string $part,
        public string $partName,
        public array $inputs,
        public array $rows,
        public array $figures,
        public ?DrawingView $drawing,
        public array $steps,
        public array $warnings,
        public array $cautions,
        public array $wear,
        public string $error,
        public string $errorField,
    ) {}

    /** @return array<array-key, mixed> */
    public function jsonSerialize(): array
    {
        return [...get_object_vars($this), 'inputs' => (object) $this->inputs];
    }
}
