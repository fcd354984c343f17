<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A photo of a part, before, during or after the work; its bytes lie with App\Photo\PhotoFiles. */
#[ORM\Entity]
#[ORM\Table(name: 'photo')]
#[ORM\Index(name: 'photo_of_part', columns: ['part_id', 'at'])]
class PhotoRow implements BelongsToWorkshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(nullable: false)]
    public readonly Workshop $workshop;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')] public readonly PartRow $part,
        #[ORM\Column(length: 10)] public readonly string $moment,
        #[ORM\Column(length: 200)] public readonly string $caption,
        #[ORM\Column(length: 20)] public readonly string $type,
        #[ORM\Column] public readonly int $width,
        #[ORM\Column] public readonly int $height,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $at,
        #[ORM\ManyToOne] #[ORM\JoinColumn(onDelete: 'SET NULL')] public readonly ?TagRow $tag = null,
    ) {
        $this->id = Uuid::v7();
        $this->workshop = $part->workshop;
    }
}
