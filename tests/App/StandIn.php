<?php

declare(strict_types=1);

namespace App\Tests\App;

use Symfony\Component\Process\Process;

/** A stand-in of sim/ on a port of its own, with nothing in it yet. */
final readonly class StandIn
{
    public string $address;
    /** Where it keeps what it has. */
    public string $state;
    private Process $process;

    public function __construct(string $name)
    {
        $port = random_int(20_000, 40_000);
        $this->state = sys_get_temp_dir() . '/hull-sim-' . bin2hex(random_bytes(4));
        $this->address = "http://127.0.0.1:$port";
        $this->process = new Process([\PHP_BINARY, '-S', "127.0.0.1:$port", "sim/$name.php"], dirname(__DIR__, 2), [
            strtoupper($name) . '_STATE' => $this->state,
        ]);
        $this->process->start();
        for ($i = 0; $i < 100; ++$i) {
            $socket = @fsockopen('127.0.0.1', $port, $code, $message, 0.1);
            if (false !== $socket) {
                fclose($socket);

                return;
            }
            usleep(20_000);
        }
        throw new \RuntimeException('The stand-in does not start: ' . $this->process->getErrorOutput());
    }

    public function stop(): void
    {
        $this->process->stop(0);
    }
}
