<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Writes that count once, who wrote a line of the record, versions of what a workshop keeps about itself, jobs and
 * parts that were removed a moment ago, addresses in small letters.
 */
final class Version20261127100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE write_once (workshop_id UUID NOT NULL REFERENCES workshop (id), attempt ' .
                'VARCHAR(100) NOT NULL, asked CHAR(64) NOT NULL, status SMALLINT DEFAULT NULL, answer TEXT ' .
                'DEFAULT NULL, kind VARCHAR(100) DEFAULT NULL, at TIMESTAMP(6) WITH TIME ZONE NOT NULL, ' .
                'PRIMARY KEY (workshop_id, attempt))',
        );
        $this->addSql('CREATE INDEX write_once_at ON write_once (at)');
        $this->addSql("ALTER TABLE work_log ADD hand VARCHAR(120) DEFAULT '' NOT NULL");
        $this->addSql(
            "ALTER TABLE workshop ADD version INT DEFAULT 1 NOT NULL, ADD editions JSONB DEFAULT '{}' " .
                "NOT NULL, ADD gallon VARCHAR(10) DEFAULT 'us' NOT NULL",
        );
        $this->addSql('ALTER TABLE job ADD removed_at TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL');
        $this->addSql('ALTER TABLE part ADD removed_at TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL');
        $this->addSql('ALTER TABLE photo ADD small BYTEA DEFAULT NULL');
        $this->addSql(
            'UPDATE account a SET email = lower(email) WHERE NOT EXISTS (SELECT 1 FROM account b WHERE ' .
                'b.id <> a.id AND lower(b.email) = lower(a.email))',
        );
        $this->addSql('CREATE UNIQUE INDEX account_of_address ON account (lower(email))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX account_of_address');
        $this->addSql('ALTER TABLE photo DROP small');
        $this->addSql('ALTER TABLE part DROP removed_at');
        $this->addSql('ALTER TABLE job DROP removed_at');
        $this->addSql('ALTER TABLE workshop DROP version, DROP editions, DROP gallon');
        $this->addSql('ALTER TABLE work_log DROP hand');
        $this->addSql('DROP TABLE write_once');
    }
}
