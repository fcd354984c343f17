<?php

declare(strict_types=1);

namespace App\Security;

use App\Api\JsonBody;
use App\Entity\Account;
use App\Persistence\WorkshopScope;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** After sign-in is known and before any controller: the queries of this request are in the account's workshop. */
#[AsEventListener(priority: 5)]
final readonly class EnterWorkshop
{
    public function __construct(private Security $security, private WorkshopScope $scope) {}

    public function __invoke(RequestEvent $event): void
    {
        if (!$event->isMainRequest() || !str_starts_with($event->getRequest()->getPathInfo(), '/api')) {
            return;
        }
        $account = $this->security->getUser();
        if ($account instanceof Account) {
            $this->scope->enter($account->workshop);
            $event->getRequest()->attributes->set(JsonBody::GALLON, $account->workshop->gallon);
        }
    }
}
