<?php

declare(strict_types=1);

namespace App\Answer;

use App\Api\Tongue;
use App\Entity\Account;
use Doctrine\DBAL\Connection;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\AcceptHeader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\ControllerEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\Lock\LockFactory;
use Symfony\Component\Lock\LockInterface;

/**
 * Answers a read again as long as its yard is as it was (Lasts). The version of a yard is written by triggers of the
 * database; the browser is told the version, too, and sent nothing when it has it.
 */
#[AsEventListener(event: ControllerEvent::class, method: 'asked')]
#[AsEventListener(event: ResponseEvent::class, method: 'answered', priority: -10)]
final readonly class KeptAnswers
{
    private const ATTRIBUTE = '_kept_as';
    private const LOCK = '_answer_';
    /** Of packing: the last levels cost much and win little. */
    private const LEVEL = 5;

    public function __construct(
        private Security $security,
        private Connection $db,
        private CacheItemPoolInterface $answers,
        private ClockInterface $clock,
        private LockFactory $locks,
        private Tongue $tongue,
    ) {}

    public function asked(ControllerEvent $event): void
    {
        $kept = $event->getAttributes(Lasts::class)[0] ?? null;
        $account = $this->security->getUser();
        $request = $event->getRequest();
        if (
            null === $kept ||
            !($account instanceof Account) ||
            !$request->isMethod('GET') ||
            !$event->isMainRequest()
        ) {
            return;
        }
        $key = $this->key($request, $account, $kept);
        $request->attributes->set(self::ATTRIBUTE, [$key, $kept->seconds]);
        if (in_array(self::etag($key), $request->getETags(), true)) {
            $event->setController(static fn(): Response => new Response(null, Response::HTTP_NOT_MODIFIED));

            return;
        }
        $packed = $this->answers->getItem($key)->get();
        if (!is_string($packed)) {
            // Whoever asks for the same meanwhile waits for it instead of working it out, too. A lock is a file that
            // stays: there are 256 of them, and two reads that share one by chance wait for each other.
            $lock = $this->locks->createLock(self::LOCK . substr($key, 0, 2), null, true);
            $lock->acquire(true);
            $request->attributes->set(self::LOCK, $lock);
            $packed = $this->answers->getItem($key)->get();
        }
        if (is_string($packed)) {
            $event->setController(static fn(): Response => self::unpacked($packed, $request));
        }
    }

    public function answered(ResponseEvent $event): void
    {
        $as = $event->getRequest()->attributes->get(self::ATTRIBUTE);
        $response = $event->getResponse();
        if (is_array($as) && in_array($response->getStatusCode(), [200, 304], true)) {
            $this->keep($event, $as);
        }
        $lock = $event->getRequest()->attributes->get(self::LOCK);
        if ($lock instanceof LockInterface) {
            $lock->release();
        }
    }

    /** @param array<mixed> $as key, and for how long */
    private function keep(ResponseEvent $event, array $as): void
    {
        $response = $event->getResponse();
        [$key, $seconds] = $as;
        $content = $response->getContent();
        if ($response instanceof JsonResponse && is_string($key) && is_int($seconds) && is_string($content)) {
            $item = $this->answers->getItem($key);
            if (!$item->isHit()) {
                $packed = (string) gzencode($content, self::LEVEL);
                $this->answers->save($item->set($packed)->expiresAfter(2 * $seconds));
                $event->setResponse($response = self::unpacked($packed, $event->getRequest()));
            }
        }
        if (is_string($key)) {
            $response->headers->set('ETag', self::etag($key));
            $response->headers->set('Cache-Control', 'private, no-cache');
        }
    }

    /** As it is kept to whoever reads it so, which is every browser; what is long costs more to pack than to find. */
    private static function unpacked(string $packed, Request $request): Response
    {
        $headers = ['Content-Type' => 'application/json', 'Vary' => 'Accept-Encoding, Accept-Language'];
        $gzip = AcceptHeader::fromString($request->headers->get('Accept-Encoding'))->get('gzip');
        if (0.0 >= ($gzip?->getQuality() ?? 0.0)) {
            return new Response((string) gzdecode($packed), Response::HTTP_OK, $headers);
        }

        return new Response($packed, Response::HTTP_OK, $headers + ['Content-Encoding' => 'gzip']);
    }

    private static function etag(string $key): string
    {
        return 'W/"' . substr($key, 0, 32) . '"';
    }

    private function key(Request $request, Account $account, Lasts $kept): string
    {
        // The number of lines beside the last one: one with a lower number may become visible after it.
        $version = $this->db->fetchNumeric('SELECT max(id), count(*) FROM yard_change WHERE workshop_id = ?', [
            $account->workshop->id->toRfc4122(),
        ]);

        return hash(
            'xxh128',
            json_encode(
                [
                    $version,
                    $account->id->toRfc4122(),
                    $account->units->value,
                    $this->tongue->of($request),
                    $request->getRequestUri(),
                    intdiv($this->clock->now()->getTimestamp(), $kept->seconds),
                ],
                \JSON_THROW_ON_ERROR,
            ),
        );
    }
}
