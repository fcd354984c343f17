<?php

declare(strict_types=1);

namespace Hull\Catalog;

use Hull\Surface\Effect;
use Hull\Surface\Precondition;

/** A kind of step: what it needs, does, leaves and takes. */
final readonly class Step
{
    /**
     * @param list<string> $tags
     * @param list<Precondition> $needs
     * @param list<Effect> $does
     * @param Scope $scope parts it is offered for
     * @param list<string> $requires gear, skills and tastes it needs
     * @param list<string> $cautions
     * @param list<string> $uses ids of supplies and products
     * @param list<string> $chemicals what it is to its neighbours, for the interlocks
     * @param string|null $accept acceptance test after it
     * @param bool $byFirm a firm comes and does it: nobody of the yard is taken
     * @param bool $onlyWaits a wait that by itself changes nothing
     * @param WorkingConditions $worked by all its tags together
     * @param bool $shared several zones can have it at once: one wash-down, one bath, one mix
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $phase,
        public array $tags,
        public array $needs,
        public array $does,
        public StepCost $takes,
        public string $how,
        public string $why,
        public string $look,
        public Scope $scope,
        public array $requires,
        public array $cautions,
        public array $uses,
        public array $chemicals,
        public ?string $accept,
        public ?Grits $grits,
        public bool $shared,
        public bool $laysFilm,
        public bool $cures,
        public int $strips,
        public int $order,
        public WorkingConditions $worked,
        public bool $onlyWaits = false,
        public bool $byFirm = false,
    ) {}

    public function isWait(): bool
    {
        return in_array('wait', $this->tags, true);
    }

    /** Parts go through it one after the other, set up once; a film goes by its own mix. */
    public function goesInARow(): bool
    {
        return !$this->laysFilm && !$this->isMixing() && ($this->shared || $this->isClosing());
    }

    /** It is for the coat that comes next, and for that paint alone. */
    public function isMixing(): bool
    {
        return in_array('mixing', $this->tags, true);
    }

    public function isClosing(): bool
    {
        return in_array('handing-over', $this->tags, true);
    }
}
