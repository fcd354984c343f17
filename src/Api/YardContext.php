<?php

declare(strict_types=1);

namespace App\Api;

use App\Entity\Account;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Work\WholeYard;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** Who asks, in which units, and which of the workshop's rows an id means. */
final readonly class YardContext
{
    public function __construct(
        private Security $security,
        private EntityManagerInterface $em,
        private WholeYard $whole,
    ) {}

    public function account(): Account
    {
        $account = $this->security->getUser();

        return $account instanceof Account ? $account : throw new \LogicException('Nobody is signed in.');
    }

    public function shown(): UnitPresenter
    {
        return new UnitPresenter($this->account()->units);
    }

    public function part(string $id): PartRow
    {
        return $this->find(PartRow::class, $id);
    }

    public function job(string $id): JobRow
    {
        return $this->find(JobRow::class, $id);
    }

    /** @return list<JobRow> */
    public function jobs(): array
    {
        return $this->whole->jobs();
    }

    /** A version number that is not a whole number is bad input, not a conflict. */
    public static function version(\Hull\Input\Node $body): int
    {
        return $body->field('version')->integer(1, \PHP_INT_MAX);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private function find(string $class, string $id): object
    {
        if (!Uuid::isValid($id)) {
            throw new NotFoundHttpException();
        }

        return $this->em->getRepository($class)->findOneBy(['id' => Uuid::fromString($id)]) ??
            throw new NotFoundHttpException();
    }
}
