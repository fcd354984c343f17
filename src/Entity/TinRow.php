<?php

declare(strict_types=1);

namespace App\Entity;

use App\Persistence\BelongsToWorkshop;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A tin in the store, as it came in; what became of it is in its movements. */
#[ORM\Entity]
#[ORM\Table(name: 'tin')]
#[ORM\Index(name: 'tin_of_material', columns: ['workshop_id', 'material'])]
#[ORM\Index(name: 'tin_shown', columns: ['workshop_id', 'gone_at'])]
class TinRow implements BelongsToWorkshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    /** Since when nothing is in it; null while something is. */
    #[ORM\Column(type: 'instant', nullable: true)]
    public ?\DateTimeImmutable $goneAt = null;

    /** @var Collection<int, MovementRow> */
    #[ORM\OneToMany(targetEntity: MovementRow::class, mappedBy: 'tin', cascade: ['persist'])]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $movements;

    /**
     * @param string $measure L, kg or pc
     * @param float $size in that measure
     * @param int|null $price minor units
     */
    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Workshop $workshop,
        #[ORM\Column(length: 60)] public readonly string $material,
        #[ORM\Column(length: 60)] public readonly string $batch,
        #[ORM\Column(length: 10)] public readonly string $measure,
        #[ORM\Column(type: 'float')] public readonly float $size,
        #[ORM\Column(type: 'instant')] public readonly \DateTimeImmutable $received,
        #[ORM\Column(type: 'instant', nullable: true)] public readonly ?\DateTimeImmutable $label,
        #[ORM\Column(length: 60)] public readonly string $cabinet,
        #[ORM\Column(nullable: true)] public readonly ?int $price,
        #[ORM\Column(length: 60, options: ['default' => ''])] public readonly string $colour,
    ) {
        $this->id = Uuid::v7();
        $this->movements = new ArrayCollection();
    }
}
