<?php

declare(strict_types=1);

namespace App\Api;

use App\Entity\Account;
use App\Entity\JobRow;
use App\Entity\PartRow;
use App\Entity\TinRow;
use App\Work\ClosedBook;
use App\Work\WholeYard;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Quantity\Gallon;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\ParameterBag;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** Who asks, in which units, and which of the workshop's rows an id means. */
final readonly class YardContext
{
    public function __construct(
        private Security $security,
        private EntityManagerInterface $em,
        private WholeYard $whole,
        private RequestStack $requests,
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

    /** Of an open job where something is written; of a closed one it can only be read. */
    public function part(string $id): PartRow
    {
        $row = $this->find(PartRow::class, $id);
        $this->open($row->job);

        return $row;
    }

    /** An open one where something is written; a closed one can only be read. */
    public function job(string $id): JobRow
    {
        $row = $this->find(JobRow::class, $id);
        $this->open($row);

        return $row;
    }

    /** Open or closed, whatever is done with it. */
    public function anyJob(string $id): JobRow
    {
        return $this->find(JobRow::class, $id);
    }

    /** Where something is written in a job that was found by something else. */
    public function open(JobRow $row): void
    {
        $writes = true !== $this->requests->getMainRequest()?->isMethodSafe();
        if ($writes && null !== $row->closedAt) {
            throw new ClosedBook($row->name);
        }
    }

    /**
     * What the address of a request names is there and of this yard, whatever is sent to it.
     *
     * @throws NotFoundHttpException where it is not
     */
    public function exists(ParameterBag $address): void
    {
        foreach (['job' => JobRow::class, 'part' => PartRow::class, 'tin' => TinRow::class] as $name => $class) {
            $id = $address->get($name);
            if (is_string($id)) {
                $this->find($class, $id);
            }
        }
    }

    /** @return list<JobRow> the open ones */
    public function jobs(): array
    {
        return $this->whole->jobs();
    }

    /** The gallon that is meant where nobody says which. */
    public function gallon(): Gallon
    {
        return $this->account()->workshop->gallon;
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
