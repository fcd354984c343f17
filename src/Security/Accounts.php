<?php

declare(strict_types=1);

namespace App\Security;

use App\Entity\Account;
use Doctrine\Persistence\ManagerRegistry;
use Symfony\Bridge\Doctrine\Security\User\EntityUserProvider;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Security\Core\Exception\UserNotFoundException;
use Symfony\Component\Security\Core\User\UserInterface;

/**
 * Accounts by address, in whichever letters it is typed. An address nobody has takes as long as one with a wrong
 * password.
 *
 * @extends EntityUserProvider<Account>
 */
final class Accounts extends EntityUserProvider
{
    public function __construct(ManagerRegistry $registry, private readonly PasswordHasherFactoryInterface $hashers)
    {
        parent::__construct($registry, Account::class, 'email');
    }

    public function loadUserByIdentifier(string $identifier): UserInterface
    {
        try {
            return parent::loadUserByIdentifier(self::written($identifier));
        } catch (UserNotFoundException $e) {
            $this->hashers->getPasswordHasher(Account::class)->hash('nobody has this password');
            throw $e;
        }
    }

    /**
     * An address as it is stored: in small letters.
     *
     * @return non-empty-string
     */
    public static function written(string $address): string
    {
        $small = mb_strtolower(trim($address));

        return '' === $small ? 'nobody' : $small;
    }
}
