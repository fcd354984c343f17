<?php

declare(strict_types=1);

namespace App\Plan;

use Hull\Quantity\Message;
use Hull\Schedule\Constraint\Placement;
use Hull\Schedule\Constraint\PreviousPlacement;
use Hull\Schedule\Constraint\Why;
use Hull\Schedule\Constraint\WhyKind;

/**
 * One activity where a kept plan has it. Hours since 1970 UTC.
 *
 * @phpstan-type Kept array{id: string, part: string, name: string, place: string, start: float|int, end: float|int,
 *     dry: float|int, who: list<string>, why: array{kind: string, says: mixed, other?: string|null},
 *     slack: float|int, critical: bool, paid: float|int, set_up: bool, coat: bool, fixed: bool,
 *     from?: float|int|null, until?: float|int|null, step?: string, product?: string, gear?: list<string>,
 *     hangs?: list<mixed>}
 */
final readonly class PlannedWork
{
    /**
     * @param float $dry when what it laid is touch dry
     * @param list<string> $who nobody where a licensed firm does it
     * @param string|Message $says why it begins then, in words
     * @param ?string $other what it waited for: an activity
     * @param float $slack hours
     * @param float $rework hours of making good before it
     * @param ?float $from earliest hour, everything else staying
     * @param ?float $until latest hour of a window
     * @param list<string> $gear ids
     * @param list<string|Message> $hangs what of it holds only as long as the forecast does
     */
    public function __construct(
        public string $id,
        public string $part,
        public string $name,
        public string $place,
        public float $start,
        public float $end,
        public float $dry,
        public array $who,
        public string $kind,
        public string|Message $says,
        public ?string $other,
        public float $slack,
        public bool $critical,
        public float $rework,
        public bool $setUp,
        public bool $coat,
        public bool $fixed,
        public ?float $from,
        public ?float $until,
        public string $step,
        public string $product,
        public array $gear,
        public array $hangs,
    ) {}

    /** @param Kept $kept */
    public static function from(array $kept): self
    {
        return new self(
            id: $kept['id'],
            part: $kept['part'],
            name: $kept['name'],
            place: $kept['place'],
            start: $kept['start'],
            end: $kept['end'],
            dry: $kept['dry'],
            who: $kept['who'],
            kind: $kept['why']['kind'],
            says: Message::from($kept['why']['says']),
            other: $kept['why']['other'] ?? null,
            slack: $kept['slack'],
            critical: $kept['critical'],
            rework: $kept['paid'],
            setUp: $kept['set_up'],
            coat: $kept['coat'],
            fixed: $kept['fixed'],
            from: $kept['from'] ?? null,
            until: $kept['until'] ?? null,
            step: $kept['step'] ?? '',
            product: $kept['product'] ?? '',
            gear: $kept['gear'] ?? [],
            hangs: array_map(Message::from(...), $kept['hangs'] ?? []),
        );
    }

    /** @return Kept */
    public function kept(): array
    {
        return [
            'id' => $this->id,
            'part' => $this->part,
            'name' => $this->name,
            'place' => $this->place,
            'start' => $this->start,
            'end' => $this->end,
            'dry' => $this->dry,
            'who' => $this->who,
            'why' => ['kind' => $this->kind, 'says' => Message::toKeep($this->says), 'other' => $this->other],
            'slack' => $this->slack,
            'critical' => $this->critical,
            'paid' => $this->rework,
            'set_up' => $this->setUp,
            'coat' => $this->coat,
            'from' => $this->from,
            'until' => $this->until,
            'step' => $this->step,
            'product' => $this->product,
            'gear' => $this->gear,
            'fixed' => $this->fixed,
            'hangs' => array_map(Message::toKeep(...), $this->hangs),
        ];
    }

    /** Where it lies, for a schedule that is put together from what was kept. */
    public function placement(): Placement
    {
        return new Placement(
            id: $this->id,
            start: $this->start,
            end: $this->end,
            who: $this->who,
            why: new Why(WhyKind::Kept),
            dry: $this->dry,
            rework: $this->rework,
            setUp: $this->setUp,
        );
    }

    public function previous(): PreviousPlacement
    {
        return new PreviousPlacement($this->start, $this->who, $this->rework, $this->setUp, $this->end);
    }
}
