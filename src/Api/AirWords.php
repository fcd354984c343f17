<?php

declare(strict_types=1);

namespace App\Api;

use App\Catalog\Catalogues;
use App\Entity\PartRow;
use App\Work\RowMapper;
use App\Work\YardAir;
use Hull\Bench\Record;
use Hull\Climate\Air;
use Hull\Job\LogEntry;
use Hull\Quantity\Instant;
use Psr\Clock\ClockInterface;

/** The air a screen works with, and where it comes from: the same on every screen of a part. */
final readonly class AirWords
{
    public function __construct(
        private RowMapper $stored,
        private Catalogues $catalogues,
        private YardAir $air,
        private ClockInterface $clock,
    ) {}

    public function of(PartRow $row, Air $air, UnitPresenter $shown): string
    {
        return sprintf(
            '%s · %s, %s',
            $shown->value($air->temperature)->text,
            $shown->value($air->humidity)->text,
            $this->source($row),
        );
    }

    public function source(PartRow $row): string
    {
        $part = $this->stored->part($row);
        $place = $this->stored->places($row->job)[$part->place];
        if (null === $this->air->forecast()) {
            $read = array_filter(Record::effective($part->log), static fn(LogEntry $e): bool => null !== $e->air);

            return [] === $read ? 'as set for the place' : 'measured, last reading in the record';
        }
        $here = $this->air->airsWith($row->workshop, [$place])->at(YardAir::key($place));
        $now = Instant::hour($this->clock->now());

        return match (true) {
            $now <= $here->measured && $here->measured > $here->from => 'measured there',
            $here->measured > $here->from => 'forecast, drawn to the last reading there',
            'setting' === $this->catalogues->for($row->workshop)->places[$place->kind]->holds
                => 'held as set for the place',
            default => 'forecast for the place',
        };
    }
}
