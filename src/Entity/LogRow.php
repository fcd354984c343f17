<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\Mapping as ORM;
use Hull\Job\EntryKind;
use Symfony\Component\Uid\Uuid;

/** One line of the record. append-only: the database refuses to change it. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'work_log')]
#[ORM\UniqueConstraint(columns: ['part_id', 'number'])]
class LogRow implements BelongsToWorkshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false)]
    public readonly Workshop $workshop;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'log')] #[ORM\JoinColumn(nullable: false)] public readonly PartRow $part,
        #[ORM\Column] public readonly int $number,
        #[ORM\Column(length: 60)] public readonly string $entryId,
        #[ORM\Column(length: 20, enumType: EntryKind::class)] public readonly EntryKind $kind,
        #[ORM\Column(length: 60, nullable: true)] public readonly ?string $stepKey,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $at,
        #[ORM\Column(type: 'float', nullable: true)] public readonly ?float $temperatureC,
        #[ORM\Column(type: 'float', nullable: true)] public readonly ?float $humidityRatio,
        #[ORM\Column(type: 'text')] public readonly string $note,
        #[ORM\Column(length: 60, nullable: true)] public readonly ?string $corrects,
        #[ORM\Column] public readonly bool $withdrawn,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $writtenAt,
        #[ORM\Column(length: 60, nullable: true)] public readonly ?string $rule = null,
        #[ORM\Column(length: 120, options: ['default' => ''])] public readonly string $takenBy = '',
        /** Paint of a finished coat, litres. */
        #[ORM\Column(type: 'float', nullable: true)] public readonly ?float $usedL = null,
        /** Dry film measured, micrometres. */
        #[ORM\Column(type: 'float', nullable: true)] public readonly ?float $filmUm = null,
        /** Who wrote it: the name of the account; empty where it came in a job file. */
        #[ORM\Column(length: 120, options: ['default' => ''])] public readonly string $hand = '',
    ) {
        $this->id = Uuid::v7();
        $this->workshop = $part->workshop;
    }
}
