<?php

declare(strict_types=1);

namespace Hull\Piece;

use Hull\Catalog\Catalogue;
use Hull\Catalog\Step;
use Hull\Job\Part;
use Hull\Job\Route;
use Hull\Surface\Shade;

/** The order of work of one part, asked for where in it something of a kind is done. */
final readonly class Lane
{
    /** Tag of the step that lays a film. */
    public const COAT = 'coat';
    /** Tag of the step that tapes the line to another colour. */
    public const LINE = 'line-taping';
    /** Tags of what is left as it is once it is done: wax, oil, dressing. */
    private const LAST = ['last-of-all'];
    private const OILING = 'oiling';
    /** What a step waits for of a film. */
    private const FILM = ['touch', 'recoat', 'handle', 'sand', 'full'];
    private const CLOSING = 'closing';
    private const HANDING_OVER = 'handing-over';
    private const TAKING_OFF = 'taking-off';

    /** @var list<Step> */
    private array $steps;

    public function __construct(public Part $part, public Route $route, private Catalogue $catalogue)
    {
        $this->steps = array_map(static fn(\Hull\Job\RouteStep $s): Step => $catalogue->step($s->step), $route->steps);
    }

    public function isOf(string ...$families): bool
    {
        return $this->catalogue->substrate($this->part->substrate)->isOf(array_values($families));
    }

    public function key(int $at): string
    {
        return $this->route->steps[$at]->key;
    }

    public function name(): string
    {
        return lcfirst($this->part->name);
    }

    public function takenOff(): ?int
    {
        return $this->first([self::TAKING_OFF]);
    }

    /** @return list<int> where it is glued, pressed or screwed on for good */
    public function puttingOn(): array
    {
        return array_keys(array_filter($this->steps, static fn(Step $s): bool => $s->worked->putsOn));
    }

    /** Where unlike materials come off it, before it is worked itself. */
    public function takenApart(): ?int
    {
        $apart = $this->first(['taking-apart']);

        return null === $apart || $apart < ($this->firstWork() ?? \PHP_INT_MAX) ? $apart : null;
    }

    public function putOn(): ?int
    {
        $on = $this->puttingOn();

        return [] === $on ? null : max($on);
    }

    /** @return list<int> */
    public function coats(): array
    {
        return $this->where([self::COAT]);
    }

    public function lastCoat(): ?int
    {
        return $this->last([self::COAT]);
    }

    /**
     * Coats that could be laid in one go with those of another: the same product in the same colour, coat by coat.
     *
     * @return list<array{int, int}> where it is laid here and there
     */
    public function alike(self $other): array
    {
        $alike = [];
        $mine = $this->shades();
        $theirs = $other->shades();
        foreach ($mine as $shade => $coats) {
            foreach ($coats as $n => $at) {
                if (isset($theirs[$shade][$n])) {
                    $alike[] = [$at, $theirs[$shade][$n]];
                }
            }
        }

        return $alike;
    }

    /** The last coat that the other does not have as well. */
    public function lastUnlike(self $other): ?int
    {
        $unlike = array_diff($this->coats(), array_column($this->alike($other), 0));

        return [] === $unlike ? null : max($unlike);
    }

    /** @return array<int|string, list<int>> key of the shade => where it is laid */
    private function shades(): array
    {
        $shades = [];
        foreach ($this->coats() as $at) {
            $product = $this->route->steps[$at]->product ?? '';
            $shades[(new Shade($product, $this->colour($product)))->key()][] = $at;
        }

        return $shades;
    }

    private function colour(string $product): string
    {
        foreach ($this->part->layers as $wish) {
            if ($wish->product() === $product) {
                return $wish->colour;
            }
        }

        return '';
    }

    /** The first hands-on work after it was looked at. */
    public function firstWork(): ?int
    {
        foreach ($this->steps as $at => $step) {
            if (
                !$step->isWait() &&
                'take-in' !== $step->phase &&
                'strip-down' !== $step->phase &&
                !$this->isClosing($at) &&
                !$step->worked->putsOn
            ) {
                return $at;
            }
        }

        return null;
    }

    /** The last hands-on work before it is put together and handed over. */
    public function lastWork(): ?int
    {
        return $this->lastBut(['reassembling']);
    }

    /** The last work before it may carry something again: before wax, oil and dressing, on which no glue holds. */
    public function lastBefore(): ?int
    {
        return $this->lastBut(['reassembling'], $this->finished() ?? \PHP_INT_MAX);
    }

    /** @param list<string> $tags */
    private function lastBut(array $tags, int $end = \PHP_INT_MAX): ?int
    {
        $last = null;
        foreach (array_slice($this->steps, 0, $end, true) as $at => $step) {
            $isWork = !$step->isWait() && !$this->isClosing($at) && [] === array_intersect($tags, $step->tags);
            $last = $isWork ? $at : $last;
        }

        return $last;
    }

    /** @return list<int> where it raises dust or wet that reaches what is beside it */
    public function dirty(): array
    {
        return array_keys(array_filter($this->steps, static fn(Step $s): bool => $s->worked->reaches()));
    }

    /** Where it is made ready for its first film: masked or wiped for the last time before it. */
    public function readied(): ?int
    {
        $coat = $this->coats()[0] ?? null;
        foreach (null === $coat ? [] : $this->where(['masking', 'last-wipe', 'mixing']) as $at) {
            // What is followed by dust again is not the last.
            $dusty = array_filter($this->dirty(), static fn(int $d): bool => $d > $at && $d < $coat);
            if ($at < $coat && [] === $dusty) {
                return $at;
            }
        }

        return $coat;
    }

    /** The wait for the last coat to be dry to handle, or hard throughout; null where no step waits for it. */
    public function bears(bool $cured): ?int
    {
        $coats = $this->coats();
        $last = $coats[count($coats) - 1] ?? null;
        foreach (null === $last ? [] : array_slice($this->steps, $last + 1, null, true) as $at => $step) {
            if (in_array($step->takes->waitFor, $cured ? ['full'] : self::FILM, true) && $step->isWait()) {
                return $at;
            }
        }

        return null;
    }

    /** Its last film stays soft: there is no cure to wait for. */
    public function neverDries(): bool
    {
        $last = $this->lastCoat();

        return null !== $last && $this->isSoft($last);
    }

    private function isSoft(int $coat): bool
    {
        $product = $this->route->steps[$coat]->product;

        return null !== $product && in_array('non-drying', $this->catalogue->product($product)->tags, true);
    }

    /** Where wax or silicone is first put on it, or a film that is one. */
    public function waxed(): ?int
    {
        $waxes = array_diff($this->where(self::LAST), $this->where([self::OILING]));
        $soft = array_filter($this->coats(), $this->isSoft(...));
        $all = [...$waxes, ...$soft];

        return [] === $all ? null : min($all);
    }

    /** The last coat of a film that wax near it would spoil. */
    public function lastHardCoat(): ?int
    {
        $hard = array_filter($this->coats(), fn(int $at): bool => !$this->isSoft($at));

        return [] === $hard ? null : max($hard);
    }

    /** Where it is looked into for what was left inside. */
    public function lookedInto(): ?int
    {
        return $this->first(['looking-inside']);
    }

    /** Where it is waxed, oiled or dressed for good. */
    public function finished(): ?int
    {
        return $this->where(self::LAST)[0] ?? null;
    }

    /** @param list<string> $tags */
    public function first(array $tags): ?int
    {
        return $this->where($tags)[0] ?? null;
    }

    /** @param list<string> $tags */
    public function last(array $tags): ?int
    {
        $where = $this->where($tags);

        return $where[count($where) - 1] ?? null;
    }

    public function inspected(): ?int
    {
        foreach ($this->where([self::CLOSING]) as $at) {
            if (!in_array(self::HANDING_OVER, $this->steps[$at]->tags, true)) {
                return $at;
            }
        }

        return null;
    }

    public function handedOver(): ?int
    {
        return $this->first([self::HANDING_OVER]);
    }

    public function begun(): ?int
    {
        return [] === $this->steps ? null : 0;
    }

    /** The last that is done before it is handed over. */
    public function beforeHandOver(): ?int
    {
        $over = $this->handedOver() ?? 0;

        return 0 === $over ? null : $over - 1;
    }

    private function isClosing(int $at): bool
    {
        return in_array(self::CLOSING, $this->steps[$at]->tags, true);
    }

    /**
     * @param list<string> $tags
     *
     * @return list<int>
     */
    private function where(array $tags): array
    {
        return array_keys(
            array_filter($this->steps, static fn(Step $s): bool => [] !== array_intersect($tags, $s->tags)),
        );
    }
}
