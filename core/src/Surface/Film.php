<?php

declare(strict_types=1);

namespace Hull\Surface;

use Hull\Climate\Air;
use Hull\Cure\CureClock;
use Hull\Cure\CureFactor;
use Hull\Cure\Readiness;
use Hull\Quantity\Duration;
use Hull\Quantity\FilmThickness;

/** One coat of a product on the part, with its cure clocks. */
final readonly class Film
{
    private function __construct(
        public Product $product,
        public FilmThickness $thickness,
        public CureClock $touch,
        public CureClock $recoatMin,
        public ?CureClock $recoatMax,
        public ?CureClock $recoatAgain,
        public CureClock $handle,
        public CureClock $sand,
        public CureClock $full,
        public bool $measured = false,
    ) {}

    /** @param bool $measured the thickness was read from the part, not taken from the sheet */
    public static function fresh(Product $product, FilmThickness $thickness, bool $measured = false): self
    {
        $cure = $product->cure ?? throw new \LogicException($product->id . ' lays no film.');
        $factor = CureFactor::thickness($thickness, $product->dft);
        $start = static fn(\Hull\Cure\CureRows $rows): CureClock => CureClock::start(
            $rows,
            $product->cureKind,
            $factor,
        );

        return new self(
            product: $product,
            thickness: $thickness,
            touch: $start($cure->touch),
            recoatMin: $start($cure->recoatMin),
            recoatMax: null === $cure->recoatMax ? null : $start($cure->recoatMax),
            recoatAgain: null === $cure->recoatAgain ? null : $start($cure->recoatAgain),
            handle: $start($cure->ready(Readiness::Handle)),
            sand: $start($cure->ready(Readiness::Sand)),
            full: $start($cure->full),
            measured: $measured,
        );
    }

    /** The clock, not begun yet, of when it stands something before it is fully cured. */
    public function ready(Readiness $for): CureClock
    {
        $cure = $this->product->cure ?? throw new \LogicException($this->product->id . ' lays no film.');

        return CureClock::start(
            $cure->ready($for),
            $this->product->cureKind,
            CureFactor::thickness($this->thickness, $this->product->dft),
        );
    }

    public function after(float $hours, Air $air): self
    {
        if ($hours <= 0.0 || $this->isSettled()) {
            return $this;
        }
        $for = Duration::hours($hours);

        return new self(
            product: $this->product,
            thickness: $this->thickness,
            touch: $this->touch->run($for, $air),
            recoatMin: $this->recoatMin->run($for, $air),
            recoatMax: $this->recoatMax?->run($for, $air),
            recoatAgain: $this->recoatAgain?->run($for, $air),
            handle: $this->handle->run($for, $air),
            sand: $this->sand->run($for, $air),
            full: $this->full->run($for, $air),
            measured: $this->measured,
        );
    }

    /** Cured at once, as by an oven. */
    public function cured(): self
    {
        return new self(
            product: $this->product,
            thickness: $this->thickness,
            touch: $this->touch->ended(),
            recoatMin: $this->recoatMin->ended(),
            recoatMax: $this->recoatMax?->ended(),
            recoatAgain: $this->recoatAgain?->ended(),
            handle: $this->handle->ended(),
            sand: $this->sand->ended(),
            full: $this->full->ended(),
            measured: $this->measured,
        );
    }

    /** The same film as it would stand in a phase, to ask what a step wants of it. */
    public function standing(FilmPhase $phase): self
    {
        $fresh = self::fresh($this->product, $this->thickness, $this->measured);
        $past = static fn(CureClock $clock, bool $over): CureClock => $over ? $clock->ended() : $clock;
        $lapsed = FilmPhase::Lapsed === $phase || FilmPhase::Cured === $phase;

        return new self(
            product: $this->product,
            thickness: $this->thickness,
            touch: $past($fresh->touch, FilmPhase::Wet !== $phase),
            recoatMin: $past($fresh->recoatMin, FilmPhase::Wet !== $phase && FilmPhase::Tacky !== $phase),
            recoatMax: null === $fresh->recoatMax
                ? null
                : $past($fresh->recoatMax, $lapsed || FilmPhase::Shut === $phase),
            recoatAgain: null === $fresh->recoatAgain ? null : $past($fresh->recoatAgain, $lapsed),
            handle: $past($fresh->handle, FilmPhase::Wet !== $phase && FilmPhase::Tacky !== $phase),
            sand: $past($fresh->sand, FilmPhase::Wet !== $phase && FilmPhase::Tacky !== $phase),
            full: $past($fresh->full, FilmPhase::Cured === $phase),
            measured: $this->measured,
        );
    }

    /** The gauge has the word: this thickness in place of the sheet's; the clocks go on as they are. */
    public function read(FilmThickness $thickness): self
    {
        return new self(
            product: $this->product,
            thickness: $thickness,
            touch: $this->touch,
            recoatMin: $this->recoatMin,
            recoatMax: $this->recoatMax,
            recoatAgain: $this->recoatAgain,
            handle: $this->handle,
            sand: $this->sand,
            full: $this->full,
            measured: true,
        );
    }

    /** Nothing changes any more: every clock has run out. */
    public function isSettled(): bool
    {
        return $this->full->isReached() &&
            $this->recoatMin->isReached() &&
            $this->handle->isReached() &&
            $this->sand->isReached() &&
            false !== $this->recoatMax?->isReached() &&
            false !== $this->recoatAgain?->isReached();
    }

    public function phase(): FilmPhase
    {
        return match (true) {
            $this->full->isReached() => FilmPhase::Cured,
            $this->isShut() => FilmPhase::Shut,
            $this->isPastWindow() => FilmPhase::Lapsed,
            $this->recoatMin->isReached() => FilmPhase::Open,
            $this->touch->isReached() => FilmPhase::Tacky,
            default => FilmPhase::Wet,
        };
    }

    public function isPastWindow(): bool
    {
        return true === $this->recoatMax?->isReached();
    }

    /** Past its window but not yet hard enough to take the solvent of a new coat, which would lift it. */
    public function isShut(): bool
    {
        return $this->isPastWindow() && false === $this->recoatAgain?->isReached();
    }

    /** Inside its recoat window; a film without a longest time stays in it until it is soiled. */
    public function isOpen(): bool
    {
        return $this->recoatMin->isReached() && !$this->isPastWindow();
    }
}
