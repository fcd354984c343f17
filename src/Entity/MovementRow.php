<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\Mapping as ORM;
use Hull\Store\MovementKind;
use Symfony\Component\Uid\Uuid;

/** One line of a tin's ledger. append-only: the database refuses to change it. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'tin_movement')]
#[ORM\UniqueConstraint(columns: ['tin_id', 'number'])]
#[ORM\Index(name: 'tin_movement_of_entry', columns: ['entry_id'])]
class MovementRow implements BelongsToWorkshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false)]
    public readonly Workshop $workshop;

    /**
     * @param float|null $amount in the measure of the tin
     * @param string|null $entryId row id of the record's line that used it
     */
    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'movements')] #[
            ORM\JoinColumn(nullable: false, onDelete: 'CASCADE'),
        ]
        public readonly TinRow $tin,
        #[ORM\Column] public readonly int $number,
        #[ORM\Column(length: 20, enumType: MovementKind::class)] public readonly MovementKind $kind,
        #[ORM\Column(type: 'float', nullable: true)] public readonly ?float $amount,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $at,
        #[ORM\Column(length: 60, nullable: true)] public readonly ?string $entryId,
        #[ORM\Column(length: 500)] public readonly string $note,
    ) {
        $this->id = Uuid::v7();
        $this->workshop = $tin->workshop;
    }
}
