<?php

declare(strict_types=1);

namespace App\Api\View;

/** A question restorers answer differently; the first answer is the default. */
final readonly class SchoolView
{
    /**
     * @param list<Option> $answers
     */
    public function __construct(public string $id, public string $question, public array $answers) {}
}
