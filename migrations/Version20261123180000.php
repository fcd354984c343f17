<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a workshop does without, and stops that a named person took on. */
final class Version20261123180000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE job ADD without JSONB DEFAULT '[]' NOT NULL");
        $this->addSql(
            "ALTER TABLE work_log ADD rule VARCHAR(60) DEFAULT NULL, ADD taken_by VARCHAR(120) DEFAULT '' NOT NULL",
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job DROP without');
        $this->addSql('ALTER TABLE work_log DROP rule, DROP taken_by');
    }
}
