<?php

declare(strict_types=1);

namespace App\Command;

use App\Entity\PlanRow;
use App\Persistence\WorkshopScope;
use App\Work\YardAir;
use App\Work\YardPlan;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:work', 'The worker: makes the plans of big yards, one after the other, and says how far it is')]
final class WorkCommand extends Command
{
    private const NAP_S = 2;

    public function __construct(
        private readonly EntityManagerInterface $em,
        private readonly Connection $db,
        private readonly WorkshopScope $scope,
        private readonly YardPlan $plans,
        private readonly YardAir $air,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('once', null, InputOption::VALUE_NONE, 'Do what is wanted now, then stop');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        while (true) {
            $id = $this->db->fetchOne(
                "UPDATE yard_plan SET status = 'working' WHERE id = (SELECT id FROM yard_plan WHERE status = " .
                    "'wanted' ORDER BY at LIMIT 1 FOR UPDATE SKIP LOCKED) RETURNING id",
            );
            if (!is_string($id)) {
                if (true === $input->getOption('once')) {
                    break;
                }
                sleep(self::NAP_S);
                continue;
            }
            $this->one($id, $output);
        }

        return self::SUCCESS;
    }

    private function one(string $id, OutputInterface $output): void
    {
        $this->em->clear();
        $this->air->forget();
        $workshop = $this->db->fetchOne('SELECT workshop_id FROM yard_plan WHERE id = ?', [$id]);
        $owner =
            $this->em->find(\App\Entity\Workshop::class, $workshop) ??
            throw new \LogicException('A plan without a workshop.');
        $this->scope->enter($owner);
        $row = $this->em->find(PlanRow::class, $id) ?? throw new \LogicException('The plan has gone.');
        try {
            $this->plans->work(
                $row,
                progress: function (int $done, int $of) use ($id): void {
                    $this->db->executeStatement('UPDATE yard_plan SET done = ?, tries = ? WHERE id = ?', [
                        $done,
                        $of,
                        $id,
                    ]);
                },
            );
            $this->em->flush();
            $output->writeln('Planned ' . $owner->name . '.');
        } catch (\Throwable $e) {
            $this->db->executeStatement("UPDATE yard_plan SET status = 'failed' WHERE id = ?", [$id]);
            $output->writeln('Failed: ' . $e->getMessage());
        }
    }
}
