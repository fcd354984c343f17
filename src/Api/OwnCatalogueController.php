<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Body\OwnCatalogueBody;
use App\Api\View\LineErrorView;
use App\Api\View\OwnCatalogueView;
use App\Catalog\LineError;
use App\Catalog\OwnText;
use App\Work\CatalogueUse;
use App\Work\YardSettings;
use Hull\Input\InvalidInput;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** A workshop's own products and steps: read, checked line by line, kept. */
final readonly class OwnCatalogueController
{
    public function __construct(
        private YardContext $desk,
        private OwnText $own,
        private CatalogueUse $use,
        private YardSettings $settings,
        private string $example,
    ) {}

    #[Route('/api/workshop/catalogue', name: 'api_own_catalogue', methods: ['GET'])]
    #[ResponseBody(OwnCatalogueView::class)]
    public function show(): JsonResponse
    {
        $text = $this->desk->account()->workshop->ownCatalogue;

        return new JsonResponse($this->view($text, $this->own->errors($text)));
    }

    #[Route('/api/workshop/catalogue/check', name: 'api_own_catalogue_check', methods: ['POST'])]
    #[ResponseBody(OwnCatalogueView::class)]
    public function check(#[FromBody] OwnCatalogueBody $body): JsonResponse
    {
        return new JsonResponse($this->view($body->text, $this->own->errors($body->text)));
    }

    #[Route('/api/workshop/catalogue', name: 'api_own_catalogue_save', methods: ['PUT'])]
    #[ResponseBody(OwnCatalogueView::class)]
    public function save(#[FromBody] OwnCatalogueBody $body): JsonResponse
    {
        $text = $body->text;
        $version =
            $body->version ??
            throw new InvalidInput('/version', 'The field "version" is missing.', 'a value for version');
        $errors = $this->own->errors($text);
        if ([] !== $errors) {
            throw new InvalidInput('/text', $errors[0]->text(), $errors[0]->accepted);
        }
        $workshop = $this->desk->account()->workshop;
        $gone = array_diff(
            [] === $this->own->errors($workshop->ownCatalogue) ? $this->own->ids($workshop->ownCatalogue) : [],
            $this->own->ids($text),
        );
        $used = $this->use->naming(array_values($gone));
        if ([] !== $used) {
            throw new InvalidInput(
                '/text',
                sprintf('%s still used by: %s.', implode(', ', $gone), implode(', ', $used)),
                'a catalogue that keeps what routes and records name',
            );
        }
        $this->settings->ownCatalogue($workshop, $text, $version);

        return new JsonResponse($this->view($text, []));
    }

    #[Route('/api/workshop/catalogue/file', name: 'api_own_catalogue_file', methods: ['GET'])]
    public function file(): Response
    {
        return new Response($this->desk->account()->workshop->ownCatalogue, 200, [
            'Content-Type' => 'application/yaml; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="own-catalogue.yaml"',
        ]);
    }

    /** @param list<LineError> $errors */
    private function view(string $text, array $errors): OwnCatalogueView
    {
        return new OwnCatalogueView(
            $this->desk->account()->workshop->edition('catalogue'),
            $text,
            array_map(
                static fn(LineError $e): LineErrorView => new LineErrorView($e->line, $e->detail, $e->accepted),
                $errors,
            ),
            (string) file_get_contents($this->example),
        );
    }
}
