<?php

declare(strict_types=1);

namespace App\Tests\App;

use App\Device\Service;
use App\Keep\Circuit;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/** A service as the application asks it, which knows of none yet that is down. */
trait OnTheNetwork
{
    private static function service(?HttpClientInterface $http = null): Service
    {
        return new Service($http ?? HttpClient::create(), new Circuit(new ArrayAdapter()));
    }
}
