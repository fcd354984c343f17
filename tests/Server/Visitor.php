<?php

declare(strict_types=1);

namespace App\Tests\Server;

use App\Command\DemoCommand;
use Hull\Input\Node;
use Symfony\Component\BrowserKit\CookieJar;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Contracts\HttpClient\Exception\TransportExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/** Somebody with a browser's cookies who calls an instance over HTTP. */
final class Visitor
{
    public string $said = '';

    private CookieJar $cookies;
    private HttpClientInterface $http;

    /** @param string|null $address of an instance; the one that the tests started where it is not said */
    public function __construct(private readonly ?string $address = null)
    {
        $this->cookies = new CookieJar();
        $this->http = HttpClient::create(['timeout' => 20.0, 'max_redirects' => 0]);
    }

    /** The same somebody, with the same cookies, at another address. */
    public function at(string $address): self
    {
        $other = new self($address);
        $other->cookies = $this->cookies;

        return $other;
    }

    public static function signedIn(?string $address = null): self
    {
        $visitor = new self($address);
        $code = $visitor->post('/api/sign-in', ['email' => DemoCommand::EMAIL, 'password' => DemoCommand::PASSWORD]);

        return $code < 300 ? $visitor : throw new \RuntimeException('Signing in answered ' . $code);
    }

    /** @return int status, 0 where nobody answers */
    public function get(string $path): int
    {
        return $this->call('GET', $path, []);
    }

    /** @param array<string, mixed> $body */
    public function post(string $path, array $body): int
    {
        $this->get('/api/session');
        $token = $this->node()->field('token')->text(500);

        return $this->write($path, $body, $token);
    }

    /**
     * Once, as pages do.
     *
     * @param array<string, mixed> $body
     */
    public function write(string $path, array $body, string $token): int
    {
        $headers = ['X-Hull-Token' => $token, 'Idempotency-Key' => bin2hex(random_bytes(12))];

        return $this->call('POST', $path, ['json' => $body, 'headers' => $headers]);
    }

    public function node(): Node
    {
        return Node::root(json_decode($this->said, true));
    }

    /** @param array<string, mixed> $options */
    private function call(string $verb, string $path, array $options): int
    {
        $uri = ($this->address ?? Instance::address()) . $path;
        $cookies = [];
        foreach ($this->cookies->all() as $cookie) {
            $cookies[] = $cookie->getName() . '=' . $cookie->getRawValue();
        }
        $headers = is_array($options['headers'] ?? null) ? $options['headers'] : [];
        try {
            $answer = $this->http->request($verb, $uri, [
                ...$options,
                'headers' => [...$headers, 'Cookie' => implode('; ', $cookies)],
            ]);
            $this->cookies->updateFromSetCookie($answer->getHeaders(false)['set-cookie'] ?? [], $uri);
            $this->said = $answer->getContent(false);

            return $answer->getStatusCode();
        } catch (TransportExceptionInterface) {
            $this->said = '';

            return 0;
        }
    }
}
