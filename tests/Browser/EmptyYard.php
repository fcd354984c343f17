<?php

declare(strict_types=1);

namespace App\Tests\Browser;

use App\Command\DemoCommand;
use Symfony\Component\Process\Process;

/** An account of a workshop of its own with nothing in it, so that no test finds what another left behind. */
final class EmptyYard
{
    public static function make(): string
    {
        $email = sprintf('slip-%s@cinderquay.example', bin2hex(random_bytes(4)));
        $command = ['php', 'bin/console', 'hull:account', $email, 'Wren Tallow', 'Empty slip'];
        // The tests run as "test", the server that is looked at does not.
        (new Process($command, dirname(__DIR__, 2), ['APP_ENV' => 'prod'], DemoCommand::PASSWORD))->mustRun();

        return $email;
    }
}
