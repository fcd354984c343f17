<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Entity\Account;
use Hull\Catalog\Catalogue;
use Psr\Log\LoggerInterface;
use Symfony\Bundle\SecurityBundle\Security;

/** The catalogue that counts for who asks: the shipped one, with the workshop's own part where it has one. */
final readonly class WorkshopCatalogue
{
    public function __construct(private CatalogueLoader $loader, private OwnText $own, private Security $security, private LoggerInterface $log, private string $cache)
    {
    }

    public function load(): Catalogue
    {
        $account = $this->security->getUser();
        $text = $account instanceof Account ? $account->workshop->ownCatalogue : '';
        $sheets = $account instanceof Account ? $account->workshop->sheets : [];
        if ('' === $text && [] === $sheets) {
            return $this->loader->load();
        }
        $file = sprintf('%s/own-%s.ser', $this->cache, sha1($text.json_encode($sheets).$this->loader->newest()));
        $cached = is_file($file) ? unserialize((string) file_get_contents($file)) : null;
        if ($cached instanceof Catalogue) {
            return $cached;
        }
        try {
            $catalogue = $this->own->catalogue($text, $sheets);
        } catch (\DomainException $e) {
            $this->log->error('An own catalogue that was good once cannot be read any more: {why}', ['why' => $e->getMessage()]);

            return $this->loader->load();
        }
        if (false !== @file_put_contents($file.getmypid(), serialize($catalogue))) {
            rename($file.getmypid(), $file);
        }

        return $catalogue;
    }
}
