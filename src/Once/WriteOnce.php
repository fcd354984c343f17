<?php

declare(strict_types=1);

namespace App\Once;

use App\Entity\Account;
use App\Problem\Problem;
use Doctrine\DBAL\Connection;
use Hull\Input\InvalidInput;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\FinishRequestEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Every write of the API is one transaction: what is refused stores nothing. A write that carries an Idempotency-Key
 * counts once: the key is stored with what it did, and whoever sends it again, also at the same time, gets the first
 * answer.
 */
final readonly class WriteOnce
{
    public const HEADER = 'Idempotency-Key';
    public const REPEATED = 'Idempotency-Replayed';
    private const OPEN = '_write';

    public function __construct(private Connection $db, private Security $security, private ClockInterface $clock) {}

    /** After it is known who asks (App\Security\EnterWorkshop), before any controller. */
    #[AsEventListener(priority: 4)]
    public function begin(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $account =
            $event->isMainRequest() && !$request->isMethodSafe() && str_starts_with($request->getPathInfo(), '/api')
                ? $this->security->getUser()
                : null;
        if (!($account instanceof Account)) {
            return;
        }
        $key = $request->headers->get(self::HEADER);
        if (null !== $key && 1 !== preg_match('/^[\x21-\x7e]{8,100}$/', $key)) {
            $event->setResponse(
                Problem::invalid(
                    new InvalidInput(
                        '',
                        sprintf('The header %s cannot be used.', self::HEADER),
                        '8 to 100 letters, digits and marks, one for each thing that is to happen once',
                    ),
                ),
            );

            return;
        }
        $this->db->beginTransaction();
        $workshop = $account->workshop->id->toRfc4122();
        if (null !== $key && !$this->claim($workshop, $key, self::asked($request))) {
            $first = $this->first($workshop, $key, self::asked($request));
            $this->db->rollBack();
            $event->setResponse($first);

            return;
        }
        $request->attributes->set(self::OPEN, [$workshop, $key]);
    }

    #[AsEventListener(priority: -512)]
    public function end(ResponseEvent $event): void
    {
        $open = $event->getRequest()->attributes->get(self::OPEN);
        if (!$event->isMainRequest() || !is_array($open)) {
            return;
        }
        $event->getRequest()->attributes->remove(self::OPEN);
        $response = $event->getResponse();
        if ($response->getStatusCode() >= 400) {
            $this->db->rollBack();

            return;
        }
        if (is_string($open[1] ?? null)) {
            $this->db->update(
                'write_once',
                [
                    'status' => $response->getStatusCode(),
                    'answer' => (string) $response->getContent(),
                    'kind' => $response->headers->get('Content-Type'),
                ],
                ['workshop_id' => $open[0], 'attempt' => $open[1]],
            );
        }
        $this->db->commit();
    }

    /** Where no answer came of it, nothing stays. */
    #[AsEventListener]
    public function abandon(FinishRequestEvent $event): void
    {
        if ($event->isMainRequest() && $event->getRequest()->attributes->has(self::OPEN)) {
            $event->getRequest()->attributes->remove(self::OPEN);
            $this->db->rollBack();
        }
    }

    /** False when the key is taken; waits for who is just using it. */
    private function claim(string $workshop, string $key, string $asked): bool
    {
        return 1 ===
            $this->db->executeStatement(
                'INSERT INTO write_once (workshop_id, attempt, asked, at) VALUES (?, ?, ?, ?) ON CONFLICT DO NOTHING',
                [$workshop, $key, $asked, $this->clock->now()->format('Y-m-d H:i:s.uP')],
            );
    }

    private function first(string $workshop, string $key, string $asked): Response
    {
        $row = $this->db->fetchAssociative(
            'SELECT asked, status, answer, kind FROM write_once WHERE workshop_id = ? AND attempt = ?',
            [$workshop, $key],
        );
        if (false === $row || $row['asked'] !== $asked) {
            return Problem::invalid(
                new InvalidInput(
                    '',
                    sprintf('This %s was used for something else.', self::HEADER),
                    'a key of its own for each thing that is to happen once',
                ),
            );
        }
        $kind = is_string($row['kind']) ? ['Content-Type' => $row['kind']] : [];

        return new Response(
            is_string($row['answer']) ? $row['answer'] : '',
            is_numeric($row['status']) ? (int) $row['status'] : 204,
            [...$kind, self::REPEATED => 'true', 'Cache-Control' => 'no-store'],
        );
    }

    private static function asked(Request $request): string
    {
        return hash(
            'sha256',
            implode("\n", [$request->getMethod(), $request->getRequestUri(), $request->getContent()]),
        );
    }
}
