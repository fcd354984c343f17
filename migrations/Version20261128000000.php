<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a yard does without on every job; yards that were here already have been asked: they had everything. */
final class Version20261128000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE workshop ADD without JSONB DEFAULT NULL');
        $this->addSql("UPDATE workshop SET without = '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE workshop DROP without');
    }
}
