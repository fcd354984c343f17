<?php

declare(strict_types=1);

namespace App\Command;

use App\Entity\Account;
use App\Entity\Workshop;
use App\Security\Accounts;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\PasswordHasher\Hasher\UserPasswordHasherInterface;

#[AsCommand('hull:account', 'Makes an account with a workshop of its own; the password is read from standard input')]
final class AccountCommand extends Command
{
    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly UserPasswordHasherInterface $hasher,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('email', InputArgument::REQUIRED)
            ->addArgument('name', InputArgument::REQUIRED)
            ->addArgument('workshop', InputArgument::REQUIRED);
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$email, $name, $workshop] = array_map(
            static function (string $argument) use ($input): string {
                $value = $input->getArgument($argument);

                return is_string($value) ? trim($value) : '';
            },
            ['email', 'name', 'workshop'],
        );
        $password = trim((string) stream_get_contents(\STDIN));
        if (
            false === filter_var($email, \FILTER_VALIDATE_EMAIL) ||
            '' === $email ||
            '' === $name ||
            '' === $workshop ||
            mb_strlen($password) < 10
        ) {
            $output->writeln(
                'Accepted: an e-mail address, a name, a workshop name, and a password of at least 10 ' .
                    'characters on standard input.',
            );

            return self::INVALID;
        }
        if (null !== $this->em->getRepository(Account::class)->findOneBy(['email' => Accounts::written($email)])) {
            $output->writeln('This e-mail address has an account already.');

            return self::FAILURE;
        }
        $this->make($email, $name, new Workshop($workshop), $password);
        $output->writeln('Made.');

        return self::SUCCESS;
    }

    /** @param non-empty-string $email */
    public function make(string $email, string $name, Workshop $workshop, string $password): Account
    {
        $account = new Account($workshop, Accounts::written($email), $name);
        $account->setPassword($this->hasher->hashPassword($account, $password));
        $this->em->persist($workshop);
        $this->em->persist($account);
        $this->em->flush();

        return $account;
    }
}
