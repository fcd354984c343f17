<?php

declare(strict_types=1);

namespace Hull\Job;

/** How one part of a piece hangs together with another. */
enum Relation: string
{
    /** Bolted, clipped or pinned on; comes off, and goes back on. */
    case MountedOn = 'mounted-on';
    /** Lies over it, so that it cannot be reached until this is off. */
    case Covers = 'covers';
    /** Glued on it, over its base film. */
    case BondedTo = 'bonded-to';
    /** A gasket, strip or seal on a seat of it. */
    case Seals = 'seals';
    /** Rides inside it; goes in before it is closed. */
    case Inside = 'inside';
    /** Stands on it by its weight: a winch on its stand, ballast in a hold. */
    case StandsOn = 'stands-on';
    /** Is treated as it is. */
    case SameAs = 'same-as';
    /** Lies beside it, within reach of dust, water and overspray. */
    case Beside = 'beside';

    /**
     * It comes off before the other is worked, and goes back on after; so it cannot hang on itself over any number of
     * parts.
     */
    public function comesOff(): bool
    {
        return in_array(
            $this,
            [self::MountedOn, self::Covers, self::BondedTo, self::Seals, self::Inside, self::StandsOn],
            true,
        );
    }

    /** The film below has to be hard throughout: what is glued, screwed or set down on it marks it otherwise. */
    public function asksForCure(): bool
    {
        return in_array($this, [self::Covers, self::BondedTo, self::Seals, self::StandsOn], true);
    }

    /** Glued or pressed into its seat, on the bench or where it stands. */
    public function isFitted(): bool
    {
        return in_array($this, [self::BondedTo, self::Seals], true);
    }

    /** What follows from it, for whoever chooses. */
    public function hint(): string
    {
        return match ($this) {
            self::MountedOn => 'comes off before that is worked, goes back on when that film bears it',
            self::Covers => 'comes off first; it is looked inside before it goes back',
            self::BondedTo => 'goes on when the base film is hard, and before wax comes near',
            self::Seals => 'goes in after the last film of its seat is hard',
            self::Inside => 'comes out after the lid is off, goes in before it is on',
            self::StandsOn
                => 'is lifted off before that is worked, set down again when that film is hard; each its own piece',
            self::SameAs => 'what nobody decided for it is decided as for that one: aim, answers, film, layers',
            self::Beside => 'within reach of dust, water and overspray of that one',
        };
    }

    /** In the middle of a sentence: "the drum guard is mounted on the side frames". */
    public function words(): string
    {
        return match ($this) {
            self::MountedOn => 'is mounted on',
            self::Covers => 'covers',
            self::BondedTo => 'is glued on',
            self::Seals => 'seals',
            self::Inside => 'rides inside',
            self::StandsOn => 'stands on',
            self::SameAs => 'is treated as',
            self::Beside => 'lies beside',
        };
    }
}
