<?php

declare(strict_types=1);

namespace Hull\Route;

use Hull\Climate\Air;
use Hull\Cure\CureClock;
use Hull\Cure\CureRows;
use Hull\Cure\ZoneAdvice;
use Hull\Cure\ZoneSpan;
use Hull\Quantity\Duration;
use Hull\Quantity\Interval;
use Hull\Quantity\Message;
use Hull\Surface\Product;

/**
 * A coat that takes longer to lay than its film waits for the next: by the time its end is laid, its beginning has
 * closed. Said before the tin is opened, with what would do: sections, or helpers at the same pace.
 */
final readonly class OutlastedWindow
{
    private const MOST_HELPERS = 3;

    /**
     * @param float $first hours the coat takes
     * @param float $second hours the next takes
     * @param float $min hours after which the film takes the next
     * @param float $max hours after which it no longer does
     */
    private function __construct(private float $first, private float $second, private float $min, private float $max) {}

    /** Null where the whole can be done, or the film never closes. */
    public static function of(Product $film, float $first, float $second, Air $air): ?self
    {
        $after = static fn(?CureRows $rows): ?float => null === $rows
            ? null
            : CureClock::start($rows, $film->cureKind)->remainingIn($air)?->h();
        $min = $after($film->cure?->recoatMin);
        $max = $after($film->cure?->recoatMax);
        if (null === $min || null === $max) {
            return null;
        }
        $whole = new self($first, $second, $min, $max);

        return $whole->canBeDone(1) ? null : $whole;
    }

    /** Fewest sections, each brought up to its last coat by itself; null where not even a twelfth can be. */
    public function sections(): ?int
    {
        foreach (ZoneSpan::SECTIONS as $n) {
            if ($this->canBeDone($n)) {
                return $n;
            }
        }

        return null;
    }

    public function helpers(): ?int
    {
        for ($n = 1; $n <= self::MOST_HELPERS; ++$n) {
            if ($this->canBeDone($n + 1)) {
                return $n;
            }
        }

        return null;
    }

    public function words(): Message
    {
        $sections = $this->sections();
        $helpers = $this->helpers();

        return Message::row([
            Message::of(
                'It takes {strokes}, and the film takes the next coat from {min} to {max} after each stroke: laid ' .
                    'whole, its beginning has closed before its end is laid.',
                strokes: Duration::hours($this->first),
                min: Duration::hours($this->min),
                max: Duration::hours($this->max),
            ),
            null === $sections
                ? Message::of('No section is small enough: another film, or each coat abraded before the next.')
                : Message::of(
                    'Work it in {sections} sections, each brought up to its last coat by itself; mark the stop lines ' .
                        'on an edge or seam, or fade out and abrade there before the next.',
                    sections: $sections,
                ),
            ...null === $helpers
                ? []
                : [
                    Message::of(
                        'With {helpers} at the same pace it can be done whole.',
                        helpers: ZoneAdvice::helpers($helpers),
                    ),
                ],
        ]);
    }

    /** With an $nth of the work for each coat, by size or by hands: the next begins when this one is laid. */
    private function canBeDone(int $n): bool
    {
        $span = ZoneSpan::of(
            ZoneSpan::along(0.0, $this->first / $n, $this->second / $n),
            fn(float $laid): float => $laid + $this->min,
            fn(float $laid): float => $laid + $this->max,
        );

        return $span->isOpen() && $this->first / $n <= ($span->latest ?? \INF) + Interval::SAME;
    }
}
