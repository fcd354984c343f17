<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Body\AccountChange;
use App\Api\Body\SignIn;
use App\Api\View\AccountView;
use App\Api\View\SessionView;
use App\Catalog\Catalogues;
use App\Entity\Account;
use App\Security\CsrfListener;
use Doctrine\ORM\EntityManagerInterface;
use Hull\Quantity\UnitSystem;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

final readonly class SessionController
{
    public function __construct(
        private Security $security,
        private CsrfTokenManagerInterface $tokens,
        private EntityManagerInterface $em,
        private Catalogues $catalogues,
    ) {}

    #[Route('/api/session', name: 'api_session', methods: ['GET'])]
    #[ResponseBody(SessionView::class)]
    public function show(): JsonResponse
    {
        $account = $this->security->getUser();

        return new JsonResponse(
            new SessionView(
                $account instanceof Account ? $this->view($account) : null,
                $this->tokens->getToken(CsrfListener::ID)->getValue(),
            ),
        );
    }

    #[Route('/api/sign-in', name: 'api_session_open', methods: ['POST'])]
    #[RequestBody(SignIn::class)]
    #[ResponseBody(null, 204)]
    public function open(): never
    {
        throw new \Hull\Input\InvalidInput('', 'The sign-in was not JSON.', 'a JSON object with email and password');
    }

    #[Route('/api/session', name: 'api_session_close', methods: ['DELETE'])]
    #[ResponseBody(null, 204)]
    public function close(): Response
    {
        if (null !== $this->security->getUser()) {
            $this->security->logout(false);
        }

        return new Response(null, 204);
    }

    #[Route('/api/account', name: 'api_account', methods: ['PATCH'])]
    #[ResponseBody(AccountView::class)]
    public function change(#[FromBody] AccountChange $body, YardContext $desk): JsonResponse
    {
        $account = $desk->account();
        $account->units = UnitSystem::from($body->units);
        $this->em->flush();

        return new JsonResponse($this->view($account));
    }

    private function view(Account $account): AccountView
    {
        return new AccountView(
            $account->name,
            $account->email,
            $account->workshop->name,
            $account->workshop->timezone,
            $account->units->value,
            $this->catalogues->fault($account->workshop),
        );
    }
}
