<?php

declare(strict_types=1);

namespace App\Api\View;

/** May one film go over another on a material, and how. */
final readonly class VerdictView
{
    /**
     * @param list<string>|null $fresh
     * @param list<string>|null $cured
     * @param list<AgainstView> $against
     * @param list<string> $notes
     */
    public function __construct(
        public string $answer,
        public string $words,
        public ?array $fresh,
        public ?array $cured,
        public array $against,
        public array $notes,
    ) {}
}
