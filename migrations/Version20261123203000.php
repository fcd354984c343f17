<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is particular about a workshop: local rules, limits, rates, own catalogue; and the photos of its parts. */
final class Version20261123203000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE workshop ADD local JSONB DEFAULT '{}' NOT NULL, ADD voc_limit INT DEFAULT NULL, " .
                "ADD hour_rate INT DEFAULT NULL, ADD currency VARCHAR(3) DEFAULT 'GBP' NOT NULL, ADD " .
                "own_catalogue TEXT DEFAULT '' NOT NULL",
        );
        $this->addSql(
            'CREATE TABLE photo (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop ' .
                '(id), part_id UUID NOT NULL REFERENCES part (id) ON DELETE CASCADE, moment VARCHAR(10) NOT ' .
                'NULL, caption VARCHAR(200) NOT NULL, type VARCHAR(20) NOT NULL, width INT NOT NULL, height ' .
                'INT NOT NULL, bytes BYTEA NOT NULL, at TIMESTAMP(6) WITH TIME ZONE NOT NULL)',
        );
        $this->addSql('CREATE INDEX photo_of_part ON photo (part_id, at)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE photo');
        $this->addSql(
            'ALTER TABLE workshop DROP local, DROP voc_limit, DROP hour_rate, DROP currency, DROP own_catalogue',
        );
    }
}
