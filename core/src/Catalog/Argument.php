<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** When an answer of a school wins or loses on a job, with the words to say it. */
final readonly class Argument
{
    /**
     * @param array<int|string, float|string|list<string>> $when facts of the job that must all hold, see Route\Argue
     * @param bool $against it speaks against the answer
     */
    public function __construct(public array $when, public string $says, public bool $against) {}
}
