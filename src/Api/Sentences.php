<?php

declare(strict_types=1);

namespace App\Api;

use App\Entity\Account;
use Hull\Quantity\Sentence;
use Hull\Quantity\UnitSystem;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Whatever an answer says in words is in the reader's units, on every screen; what somebody wrote stays as it is. */
#[AsEventListener]
final readonly class Sentences
{
    /** Fields of views that hold sentences of ours. */
    private const SAID = [
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
    ];

    public function __construct(private Security $security) {}

    public function __invoke(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $account = $this->security->getUser();
        $path = $event->getRequest()->getPathInfo();
        if (
            !($response instanceof JsonResponse) ||
            !$response->isSuccessful() ||
            !($account instanceof Account) ||
            1 !== preg_match('#^/api/(?!compute|jobs/[^/]+/file|workshop|session)#', $path)
        ) {
            return;
        }
        $data = json_decode((string) $response->getContent(), false, 512, \JSON_THROW_ON_ERROR);
        $response->setContent(
            json_encode(
                self::said($data, $account->units, false),
                $response->getEncodingOptions() | \JSON_THROW_ON_ERROR,
            ),
        );
    }

    private static function said(mixed $data, UnitSystem $units, bool $sentence): mixed
    {
        if (is_string($data)) {
            return $sentence ? Sentence::in($data, $units) : $data;
        }
        if (is_array($data)) {
            return array_map(static fn(mixed $v): mixed => self::said($v, $units, $sentence), $data);
        }
        if ($data instanceof \stdClass) {
            foreach (get_object_vars($data) as $key => $value) {
                $data->{$key} = self::said($value, $units, isset(self::SAID[$key]));
            }
        }

        return $data;
    }
}
