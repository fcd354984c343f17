<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The store: tins with their append-only ledger; what a coat used and measured; sheets, suppliers and the scale of a
 * workshop.
 */
final class Version20261124000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE workshop ADD sheets JSONB DEFAULT '[]' NOT NULL, ADD suppliers JSONB DEFAULT " .
                "'[]' NOT NULL, ADD scale_step_g DOUBLE PRECISION DEFAULT 1 NOT NULL",
        );
        $this->addSql("ALTER TABLE job ADD cards JSONB DEFAULT '[]' NOT NULL");
        $this->addSql(
            'ALTER TABLE work_log ADD used_l DOUBLE PRECISION DEFAULT NULL, ADD film_um DOUBLE PRECISION DEFAULT NULL',
        );
        $this->addSql(
            'CREATE TABLE tin (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop (id), ' .
                'material VARCHAR(60) NOT NULL, batch VARCHAR(60) NOT NULL, measure VARCHAR(10) NOT NULL, ' .
                'size DOUBLE PRECISION NOT NULL, received TIMESTAMP(6) WITH TIME ZONE NOT NULL, label ' .
                'TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL, cabinet VARCHAR(60) NOT NULL, price INT DEFAULT ' .
                'NULL)',
        );
        $this->addSql('CREATE INDEX tin_of_material ON tin (workshop_id, material)');
        $this->addSql(
            'CREATE TABLE tin_movement (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES ' .
                'workshop (id), tin_id UUID NOT NULL REFERENCES tin (id) ON DELETE CASCADE, number INT NOT ' .
                'NULL, kind VARCHAR(20) NOT NULL, amount DOUBLE PRECISION DEFAULT NULL, at TIMESTAMP(6) WITH ' .
                'TIME ZONE NOT NULL, entry_id VARCHAR(60) DEFAULT NULL, note VARCHAR(500) NOT NULL, UNIQUE ' .
                '(tin_id, number))',
        );
        $this->addSql('CREATE INDEX tin_movement_of_entry ON tin_movement (entry_id)');
        $this->addSql(
            'CREATE TRIGGER tin_movement_no_update BEFORE UPDATE ON tin_movement FOR EACH ROW EXECUTE ' .
                'FUNCTION work_log_is_append_only()',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE tin_movement');
        $this->addSql('DROP TABLE tin');
        $this->addSql('ALTER TABLE job DROP cards');
        $this->addSql('ALTER TABLE work_log DROP used_l, DROP film_um');
        $this->addSql('ALTER TABLE workshop DROP sheets, DROP suppliers, DROP scale_step_g');
    }
}
