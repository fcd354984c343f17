<?php

declare(strict_types=1);

namespace App\Tests\App;

use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Messenger\Bridge\Doctrine\Transport\DoctrineTransport;

/** The worker, for as many messages as there are. */
trait Works
{
    /**
     * @param int $more messages that come back to the queue meanwhile
     *
     * @return int how many messages it took
     */
    private static function work(int $more = 0, string $receiver = 'plans'): int
    {
        $messages = self::waiting($receiver) + $more;
        if ($messages > 0) {
            $worker = new CommandTester(
                (new Application(self::$kernel ?? self::bootKernel()))->find('messenger:consume'),
            );
            $worker->execute([
                'receivers' => [$receiver],
                '--limit' => $messages,
                '--time-limit' => 60,
                '--sleep' => 0,
            ]);
        }

        return $messages;
    }

    private static function waiting(string $queue): int
    {
        $transport = self::getContainer()->get('messenger.transport.' . $queue);
        self::assertInstanceOf(DoctrineTransport::class, $transport);

        return $transport->getMessageCount();
    }
}
