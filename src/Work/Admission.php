<?php

declare(strict_types=1);

namespace App\Work;

use App\Entity\PartRow;
use Hull\Bench\Gate;
use Hull\Input\InvalidInput;
use Hull\Job\EntryKind;
use Hull\Job\LogEntry;
use Hull\Quantity\Duration;
use Hull\Quantity\Instant;
use Hull\Quantity\UnitSystem;
use Psr\Clock\ClockInterface;

/** What a line of the record is asked before it is taken: air outside the limits wants a reason, a gauge a dry film. */
final readonly class Admission
{
    public function __construct(
        private RowMapper $stored,
        private YardAir $air,
        private RegisterBook $register,
        private ClockInterface $clock,
    ) {}

    /** A coat begun in air outside its sheet, or too near the dew point, wants a reason, which goes into the line. */
    public function within(PartRow $row, LogEntry $entry, ?string $outside): LogEntry
    {
        if (!in_array($entry->kind, [EntryKind::Start, EntryKind::Finish], true) || null === $entry->stepKey) {
            return $entry;
        }
        $piece = $this->stored->workpiece($row);
        $step = $piece->route()->find($entry->stepKey);
        $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
        if (
            null === $step?->product ||
            $piece->context->catalogue()->coat !== $step->step ||
            isset($replayed->started[$entry->stepKey])
        ) {
            return $entry;
        }
        $gate = Gate::of(
            $entry->air ?? $replayed->series->airAt($entry->hour()),
            $piece->context->catalogue()->product($step->product),
        );
        if ($gate->flag('open')) {
            return $entry;
        }
        $limits = implode(' ', $gate->outcome->warnings);
        if (null === $outside) {
            throw new InvalidInput(
                '/outside',
                $limits . ' The coat may fail; write why it goes on all the same.',
                'a reason, which stays in the record; or wait for better air',
            );
        }

        return $entry->noting(
            trim(sprintf('%s Begun outside its limits (%s): %s', $entry->note, rtrim($limits, '.'), $outside)),
        );
    }

    /** Nothing is closed, put together or handed over with something left inside, or lying about, in silence. */
    public function complete(PartRow $row, LogEntry $entry, ?string $despite): LogEntry
    {
        if (EntryKind::Finish !== $entry->kind || null === $entry->stepKey) {
            return $entry;
        }
        $step = $this->stored->workpiece($row)->route()->find($entry->stepKey);
        $against = null === $step ? [] : $this->register->against($row, $step);
        if ([] === $against) {
            return $entry;
        }
        $left = implode(' ', $against);
        if (null === $despite) {
            throw new InvalidInput(
                '/despite',
                $left . ' Tick it off in the register first, or write why it stays so.',
                'a reason, which stays in the record; or the register ticked off',
            );
        }

        return $entry->noting(
            trim(sprintf('%s Closed all the same (%s): %s', $entry->note, rtrim($left, '.'), $despite)),
        );
    }

    /** What is found not ready has to be there; a film that failed is a fault, and has its own way. */
    public function found(PartRow $row, LogEntry $entry): void
    {
        $isFilm = in_array($entry->kind, [EntryKind::StillTacky, EntryKind::StillSoft], true);
        if (!$isFilm && !in_array($entry->kind, [EntryKind::StillWet, EntryKind::Failed], true)) {
            return;
        }
        $piece = $this->stored->workpiece($row);
        $step = null === $entry->stepKey ? null : $piece->route()->find($entry->stepKey);
        $replayed = $piece->replay($this->clock->now(), $this->air->series($row));
        if ($isFilm && [] === $replayed->coats) {
            throw new InvalidInput('/kind', 'There is no coat on it yet.', '"still-wet" for what dries without a film');
        }
        if (EntryKind::StillWet === $entry->kind && [] === $replayed->finished) {
            throw new InvalidInput('/kind', 'Nothing was done yet that could dry.', 'once a step is finished');
        }
        if (EntryKind::Failed === $entry->kind && null !== $step?->product) {
            throw new InvalidInput(
                '/kind',
                'A coat does not fail as a test does: it is tacky, soft or a fault to sand back.',
                '"still-tacky" or "still-soft"; or sand it back',
            );
        }
    }

    /** Who finds it unharmed has to have something that the weather is held to have done. */
    public function marked(PartRow $row, LogEntry $entry): void
    {
        if (EntryKind::Unharmed !== $entry->kind) {
            return;
        }
        $replayed = $this->stored->workpiece($row)->replay($this->clock->now(), $this->air->series($row));
        if ([] === $replayed->marked) {
            throw new InvalidInput(
                '/kind',
                'Neither rain nor dew is held to have reached a coat of it too soon.',
                '"note" for what you saw',
            );
        }
    }

    /** A gauge on a wet film reads nothing. */
    public function dry(PartRow $row, LogEntry $entry): void
    {
        if (null === $entry->film) {
            return;
        }
        $key = $entry->stepKey;
        foreach ($row->log as $line) {
            $key = $line->entryId === $entry->corrects ? $line->stepKey : $key;
        }
        $now = $this->clock->now();
        $hour = Instant::hour($now);
        foreach ($this->stored->workpiece($row)->replay($now, $this->air->series($row))->coats as $coat) {
            if ($coat->stepKey === $key && (null === $coat->touchAt || $coat->touchAt > $hour)) {
                throw new InvalidInput(
                    '/film',
                    'This film is still wet: a gauge reads dry film only.',
                    null === $coat->touchAt
                        ? 'a reading once it is dry; in this air it does not dry'
                        : sprintf(
                            'a reading once it is touch dry, in about %s',
                            Duration::hours($coat->touchAt - $hour)->format(UnitSystem::Metric),
                        ),
                );
            }
        }
    }
}
