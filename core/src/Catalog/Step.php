<?php

declare(strict_types=1);

namespace Hull\Catalog;

/** A kind of step: what it needs, does, leaves and takes. */
final readonly class Step
{
    /**
     * @param list<string>                $tags
     * @param list<Need>                  $needs
     * @param list<Effect>                $does
     * @param list<string>                $substrates families; empty for all
     * @param array<string, list<string>> $schools    question => answers under which the step is offered
     * @param list<string>                $cautions
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $phase,
        public array $tags,
        public array $needs,
        public array $does,
        public Takes $takes,
        public string $how,
        public string $why,
        public string $look,
        public array $substrates,
        public array $schools,
        public array $cautions,
        public ?string $uses,
        public bool $laysFilm,
        public int $strips,
        public int $order,
    ) {
    }

    public function isWait(): bool
    {
        return in_array('wait', $this->tags, true);
    }
}
