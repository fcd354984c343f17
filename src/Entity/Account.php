<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Hull\Quantity\UnitSystem;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;

/** A person who signs in; belongs to one workshop. */
#[ORM\Entity]
#[ORM\Table(name: 'account')]
class Account implements UserInterface, PasswordAuthenticatedUserInterface
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    public Uuid $id;

    #[ORM\Column(length: 255)]
    private string $password = '';

    #[ORM\Column(length: 10, enumType: UnitSystem::class)]
    public UnitSystem $units = UnitSystem::Metric;

    public function __construct(
        #[ORM\ManyToOne] #[ORM\JoinColumn(nullable: false)] public readonly Workshop $workshop,
        /** @var non-empty-string */
        #[ORM\Column(length: 180, unique: true)] public readonly string $email,
        #[ORM\Column(length: 120)] public readonly string $name,
    ) {
        $this->id = Uuid::v7();
    }

    /**
     * What the session keeps: enough to load the account again, and to notice a changed password.
     *
     * @return array{id: Uuid, email: string, password: string}
     */
    public function __serialize(): array
    {
        return ['id' => $this->id, 'email' => $this->email, 'password' => $this->password];
    }

    /** @param array{id: Uuid, email: non-empty-string, password: string} $data */
    public function __unserialize(array $data): void
    {
        $this->id = $data['id'];
        $this->email = $data['email'];
        $this->password = $data['password'];
    }

    public function setPassword(string $hash): void
    {
        $this->password = $hash;
    }

    public function getPassword(): string
    {
        return $this->password;
    }

    public function getUserIdentifier(): string
    {
        return $this->email;
    }

    public function getRoles(): array
    {
        return ['ROLE_USER'];
    }

    #[\Deprecated]
    public function eraseCredentials(): void {}
}
