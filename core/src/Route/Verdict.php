<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Catalog\Step;
use Hull\Surface\Precondition;

/** Whether one film may go over another on a material, and what must be done in between. */
final readonly class Verdict
{
    public const STRAIGHT = 'straight';
    public const ABRADED = 'abraded';
    public const CURED = 'cured';
    public const NO = 'no';

    /**
     * @param list<Step>|null $fresh between the two while the lower is in its window; null when nothing leads there
     * @param list<Step>|null $cured between the two once the lower is cured
     * @param list<Precondition> $against what stands in the way where nothing leads there
     */
    public function __construct(public ?array $fresh, public ?array $cured, public array $against) {}

    public function answer(): string
    {
        return match (true) {
            null === $this->fresh && null === $this->cured => self::NO,
            null === $this->fresh || self::waitsOut($this->fresh) => self::CURED,
            self::abrades($this->fresh) => self::ABRADED,
            default => self::STRAIGHT,
        };
    }

    /** @param list<Step> $steps */
    private static function waitsOut(array $steps): bool
    {
        return [] !== array_filter($steps, static fn(Step $s): bool => 'full' === $s->takes->waitFor || $s->cures);
    }

    /** @param list<Step> $steps */
    private static function abrades(array $steps): bool
    {
        return [] !==
            array_filter(
                $steps,
                static fn(Step $s): bool => [] !==
                    array_intersect(['abrading', 'abrading-gentle', 'scuffing'], $s->tags),
            );
    }
}
