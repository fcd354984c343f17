<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Jobs are closed, put away and opened again; what the yard reads every day does not read through the closed ones. */
final class Version20261129090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE job ADD closed_at TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL');
        $this->addSql('ALTER TABLE job ADD archived BOOLEAN DEFAULT false NOT NULL');
        $this->addSql("ALTER TABLE job ADD book JSONB DEFAULT '[]' NOT NULL");
        $this->addSql('CREATE INDEX job_open ON job (workshop_id, created_at) WHERE closed_at IS NULL');
        $this->addSql('CREATE INDEX job_closed ON job (workshop_id, closed_at) WHERE closed_at IS NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX job_closed');
        $this->addSql('DROP INDEX job_open');
        $this->addSql('ALTER TABLE job DROP book, DROP archived, DROP closed_at');
    }
}
