<?php

declare(strict_types=1);

namespace App\Api;

use App\Entity\Account;
use Hull\Quantity\Message;
use Hull\Quantity\Sentence;
use Hull\Quantity\UnitSystem;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Whatever an answer says in words is in the reader's units and language, on every screen; what somebody wrote stays as
 * it is.
 */
#[AsEventListener]
final readonly class Sentences
{
    /** Fields of views that hold sentences of ours. */
    public const SAID = [
        'says' => 1,
        'consequence' => 1,
        'warnings' => 1,
        'matters' => 1,
        'advice' => 1,
        'message' => 1,
        'why' => 1,
        'how' => 1,
        'look' => 1,
        'hint' => 1,
        'tell' => 1,
        'systemWhy' => 1,
        'nextHow' => 1,
        'obstacle' => 1,
        'ifLeftOut' => 1,
        'for' => 1,
        'against' => 1,
        'stays' => 1,
        'hangs' => 1,
        'accept' => 1,
        'onFail' => 1,
        'mind' => 1,
        'because' => 1,
        'then' => 1,
        'cautions' => 1,
        'vocWarning' => 1,
        'verdict' => 1,
        'rests' => 1,
        'words' => 1,
        'closing' => 1,
        'changes' => 1,
    ];

    public function __construct(private Security $security, private Tongue $tongue) {}

    public function __invoke(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $request = $event->getRequest();
        $path = $request->getPathInfo();
        // What is fetched as a file is as it was written.
        if (
            !($response instanceof JsonResponse) ||
            !$response->isSuccessful() ||
            1 !== preg_match('#^/api/(?!jobs/[^/]+/file|workshop)#', $path)
        ) {
            return;
        }
        $account = $this->security->getUser();
        $units = $account instanceof Account ? $account->units : UnitSystem::Metric;
        $words = $this->tongue->words($this->tongue->of($request));
        $ours = $account instanceof Account && 1 !== preg_match('#^/api/(compute|session)#', $path);
        $data = json_decode((string) $response->getContent(), false, 512, \JSON_THROW_ON_ERROR);
        $response->setContent(
            json_encode(
                self::said($data, $units, $words, $ours ? self::SAID : [], false),
                $response->getEncodingOptions() | \JSON_THROW_ON_ERROR,
            ),
        );
    }

    /**
     * @param (\Closure(string): ?string)|null $words
     * @param array<string, int> $said fields that hold sentences of ours, whole
     */
    private static function said(mixed $data, UnitSystem $units, ?\Closure $words, array $said, bool $sentence): mixed
    {
        if (is_string($data)) {
            return $sentence ? Sentence::in((null === $words ? null : $words($data)) ?? $data, $units) : $data;
        }
        if (is_array($data)) {
            return array_map(static fn(mixed $v): mixed => self::said($v, $units, $words, $said, $sentence), $data);
        }
        if (!($data instanceof \stdClass)) {
            return $data;
        }
        if (2 === count(get_object_vars($data)) && isset($data->message, $data->with)) {
            $message = Message::from(json_decode((string) json_encode($data), true));

            return $message instanceof Message ? $message->said($units, $words) : $message;
        }
        foreach (get_object_vars($data) as $key => $value) {
            $data->{$key} = self::said($value, $units, $words, $said, isset($said[$key]));
        }

        return $data;
    }
}
