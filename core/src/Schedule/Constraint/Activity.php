<?php

declare(strict_types=1);

namespace Hull\Schedule\Constraint;

use Hull\Climate\GateLine;
use Hull\Climate\GateReason;
use Hull\Quantity\Interval;
use Hull\Quantity\Message;
use Hull\Schedule\Calendar\WorkingCalendar;

/** One piece of hands-on work on one part. What a part waits for between two of them is in the lags. */
final readonly class Activity
{
    /** What is wiped lies open so long at the most until it is coated, hours. */
    public const OPEN_H = 1.0;

    /**
     * @param string $part activities of one part are done in the order they are listed
     * @param float $hours hands-on, setting up included
     * @param bool $whole in one go; else it may stop in the evening and go on in the morning
     * @param int $people who must be there together; 0 for a firm that comes while somebody is at work
     * @param list<string> $gear one of each is taken
     * @param float $floorM2 taken in its place
     * @param WetFilm|null $wet a film is laid
     * @param RainFree|null $dry outdoors: neither in the rain nor wet from it
     * @param WorkingCalendar|null $light outdoors: when it can be seen; null for always
     * @param GateLine|null $band the air in which it is worked
     * @param float $airHours so long after it the air must stay in that band, and rain away
     * @param list<Lag> $lags
     * @param list<Window> $windows
     * @param float $notBefore hour; what the record or a delivery asks
     * @param string|Message $because of notBefore, in words
     * @param float|null $notAfter hour; a window that was opened by what the record has
     * @param float $lateHours of abrading when notAfter is missed
     * @param string $share alike work: the second in a row is set up already
     * @param float $shareFor hours from the start of one to the start of the next within which that holds: a pot
     * @param Begun|null $fixed started already
     * @param bool $opens after it the surface takes harm from dust until it is coated
     * @param bool $bares after it the surface has no protection until it is covered: not begun unless that has its hour
     * @param bool $covers it protects what was bare
     * @param bool $forCoat it is worth nothing unless what covers it has its hour
     * @param bool $forNext it is worth nothing unless the next of its part has its hour
     * @param Brought|null $brought what it brings into its place that must not meet other things there
     * @param float $clearsFor hours after it in which, as while it is done, nobody else is in its place; 0 for none
     * @param float $attendedFor hours after it in which somebody is at work: it is on; 0 for none
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public float $hours,
        public string $place,
        public bool $whole = true,
        public bool $noisy = false,
        public bool $dusty = false,
        public int $people = 1,
        public array $gear = [],
        public float $floorM2 = 0.0,
        public ?WetFilm $wet = null,
        public ?RainFree $dry = null,
        public ?WorkingCalendar $light = null,
        public ?GateLine $band = null,
        public float $airHours = 0.0,
        public array $lags = [],
        public array $windows = [],
        public float $notBefore = -\INF,
        public string|Message $because = '',
        public ?float $notAfter = null,
        public float $lateHours = 0.0,
        public string $share = '',
        public float $setupHours = 0.0,
        public float $shareFor = 0.0,
        public ?Begun $fixed = null,
        public string $step = '',
        public ?string $product = null,
        public bool $opens = false,
        public bool $bares = false,
        public bool $covers = false,
        public bool $forCoat = false,
        public bool $forNext = false,
        public ?Brought $brought = null,
        public float $clearsFor = 0.0,
        public float $attendedFor = 0.0,
    ) {}

    public function isCoat(): bool
    {
        return null !== $this->wet;
    }

    /** One that nothing makes good. */
    public function hardWindow(): ?Window
    {
        foreach ($this->windows as $window) {
            if ($window->isHard()) {
                return $window;
            }
        }

        return null;
    }

    /** Dust beside it does harm: it is wiped for a coat, or a film that minds it is laid. */
    public function mindsDust(): bool
    {
        return $this->opens || ($this->wet->mindsDust ?? false);
    }

    /**
     * What in the air is against doing it between two hours, and the hour after which to try again; null when nothing
     * is.
     *
     * @return array{GateReason, float}|null
     */
    public function airAgainst(float $start, float $end): ?array
    {
        return $this->wet?->against($start, $end) ??
            ($this->dry?->against($start, $end + $this->airHours) ??
                $this->band?->against($start, $end + $this->airHours, $start, $start));
    }

    /** Left for a night or a week it is none the worse: nothing is laid bare or readied for a coat. */
    public function mayBeLeft(): bool
    {
        return !$this->whole && !$this->forCoat && !$this->bares && null === $this->wet;
    }

    /**
     * Whether so much making good raises dust: as much as abrading takes here, or more.
     *
     * @param float $rework hours
     */
    public function abradesFor(float $rework): bool
    {
        if ($rework <= 0.0) {
            return false;
        }
        foreach ($this->windows as $window) {
            if ($window->abrades && $rework > $window->hours - Interval::SAME) {
                return true;
            }
        }

        return null !== $this->notAfter && $rework > $this->lateHours - Interval::SAME;
    }

    /** Not begun before an hour, for a reason. */
    public function from(float $hour, string|Message $because): self
    {
        return $hour <= $this->notBefore ? $this : $this->but($this->lags, $hour, $because, $this->fixed);
    }

    /** Waiting for something more. */
    public function after(Lag $lag): self
    {
        return $this->but([...$this->lags, $lag], $this->notBefore, $this->because, $this->fixed);
    }

    public function fixedAt(Begun $fixed): self
    {
        return $this->but($this->lags, $this->notBefore, $this->because, $fixed);
    }

    /** @param list<Lag> $lags */
    private function but(array $lags, float $notBefore, string|Message $because, ?Begun $fixed): self
    {
        return new self(
            id: $this->id,
            part: $this->part,
            name: $this->name,
            hours: $this->hours,
            place: $this->place,
            whole: $this->whole,
            noisy: $this->noisy,
            dusty: $this->dusty,
            people: $this->people,
            gear: $this->gear,
            floorM2: $this->floorM2,
            wet: $this->wet,
            dry: $this->dry,
            light: $this->light,
            band: $this->band,
            airHours: $this->airHours,
            lags: $lags,
            windows: $this->windows,
            notBefore: $notBefore,
            because: $because,
            notAfter: $this->notAfter,
            lateHours: $this->lateHours,
            share: $this->share,
            setupHours: $this->setupHours,
            shareFor: $this->shareFor,
            fixed: $fixed,
            step: $this->step,
            product: $this->product,
            opens: $this->opens,
            bares: $this->bares,
            covers: $this->covers,
            forCoat: $this->forCoat,
            forNext: $this->forNext,
            brought: $this->brought,
            clearsFor: $this->clearsFor,
            attendedFor: $this->attendedFor,
        );
    }
}
