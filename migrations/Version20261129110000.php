<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A job may be bought and sold: minor units of the yard's money. */
final class Version20261129110000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD bought INT DEFAULT NULL');
        $this->addSql('ALTER TABLE job ADD sale INT DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job DROP bought');
        $this->addSql('ALTER TABLE job DROP sale');
    }
}
