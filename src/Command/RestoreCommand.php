<?php

declare(strict_types=1);

namespace App\Command;

use App\Keep\Backup;
use App\Keep\Damaged;
use App\Keep\Restore;
use App\Photo\PhotoFiles;
use App\Photo\StorageAway;
use App\Photo\Transfer;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('hull:restore', 'Puts an archive of hull:backup back, all of it or nothing')]
final class RestoreCommand extends Command
{
    public function __construct(
        private readonly Backup $backup,
        private readonly Restore $restore,
        private readonly PhotoFiles $files,
        private readonly Transfer $transfer,
        private readonly string $folder,
        private readonly string $migrations,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('archive', InputArgument::REQUIRED, 'The archive')->addOption(
            'replace',
            null,
            InputOption::VALUE_NONE,
            'Where there is a yard already; that one is backed up first',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $path = $input->getArgument('archive');
        if (!$this->backup->isEmpty()) {
            if (true !== $input->getOption('replace')) {
                $output->writeln(
                    '<error>There is a yard here already; --replace backs it up and takes its place.</error>',
                );

                return self::INVALID;
            }
            if (!is_dir($this->folder)) {
                mkdir($this->folder, 0700, true);
            }
            $output->writeln('Kept: ' . $this->backup->make($this->folder, 'before-restore')->path);
        }
        try {
            $archive = $this->restore->from(is_string($path) ? $path : '', $this->known());
        } catch (Damaged | StorageAway $e) {
            $output->writeln(sprintf('<error>%s Nothing was changed.</error>', $e->getMessage()));

            return self::FAILURE;
        }
        // An archive of an older version is brought up to this one; its photos are in the database then.
        $migrate = $this->getApplication()?->find('doctrine:migrations:migrate');
        $up = new ArrayInput(['--no-interaction' => true, '--allow-no-migration' => true, '--quiet' => true]);
        $up->setInteractive(false);
        if (self::SUCCESS !== $migrate?->run($up, new NullOutput())) {
            return self::FAILURE;
        }
        if ([] === $archive->photos && !$this->files->areInDatabase()) {
            $this->transfer->from('database', true);
        }
        $this->restore->renew();
        $output->writeln(
            sprintf(
                'Put back as of %s: %d rows, %d files of photos.',
                $archive->made->format('Y-m-d H:i T'),
                array_sum($archive->rows),
                count($archive->photos),
            ),
        );
        foreach ($archive->missing as $path) {
            $output->writeln("Already missing when it was made: photo $path");
        }

        return self::SUCCESS;
    }

    /** @return list<string> */
    private function known(): array
    {
        $files = glob($this->migrations . '/Version*.php');

        return array_map(
            static fn(string $f): string => 'App\\Migrations\\' . basename($f, '.php'),
            false === $files ? [] : $files,
        );
    }
}
