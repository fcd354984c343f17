<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** The air of a place as a sensor or somebody read it. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'place_reading')]
#[ORM\UniqueConstraint(columns: ['workshop_id', 'place', 'at'])]
class ReadingRow implements BelongsToWorkshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    /** @param string $place its name */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Workshop $workshop,
        #[ORM\Column(length: 80)] public readonly string $place,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $at,
        #[ORM\Column(type: 'float')] public readonly float $temperatureC,
        #[ORM\Column(type: 'float')] public readonly float $humidityRatio,
        #[ORM\Column(length: 120)] public readonly string $source,
    ) {
        $this->id = Uuid::v7();
    }
}
