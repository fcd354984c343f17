<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A yard: owns jobs, parts, routes and the record. */
#[ORM\Entity]
#[ORM\Table(name: 'workshop')]
class Workshop
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    public function __construct(
        #[ORM\Column(length: 120)]
        public readonly string $name,
        #[ORM\Column(length: 60)]
        public readonly string $timezone = 'Europe/London',
    ) {
        $this->id = Uuid::v7();
    }
}
