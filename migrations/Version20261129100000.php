<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Tins that have long been empty are not read every day. Those that are empty already are noticed when they move. */
final class Version20261129100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE tin ADD gone_at TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL');
        $this->addSql('CREATE INDEX tin_shown ON tin (workshop_id, gone_at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX tin_shown');
        $this->addSql('ALTER TABLE tin DROP gone_at');
    }
}
