<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261123140000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Workshops, accounts, jobs, parts, route versions and the append-only work log';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE workshop (id UUID PRIMARY KEY, name VARCHAR(120) NOT NULL, timezone VARCHAR(60) NOT NULL)',
        );
        $this->addSql(
            'CREATE TABLE account (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop ' .
                '(id), email VARCHAR(180) NOT NULL UNIQUE, name VARCHAR(120) NOT NULL, password VARCHAR(255) ' .
                'NOT NULL, units VARCHAR(10) NOT NULL)',
        );
        $this->addSql('CREATE INDEX account_workshop ON account (workshop_id)');
        $this->addSql(
            'CREATE TABLE job (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop (id), ' .
                'version INT DEFAULT 1 NOT NULL, name VARCHAR(120) NOT NULL, note TEXT NOT NULL, places ' .
                'JSONB NOT NULL, created_at TIMESTAMP(6) WITH TIME ZONE NOT NULL)',
        );
        $this->addSql('CREATE INDEX job_workshop ON job (workshop_id, created_at)');
        $this->addSql(
            'CREATE TABLE part (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop (id), ' .
                'job_id UUID NOT NULL REFERENCES job (id) ON DELETE CASCADE, version INT DEFAULT 1 NOT NULL, ' .
                'position INT NOT NULL, survey JSONB NOT NULL)',
        );
        $this->addSql('CREATE INDEX part_job ON part (job_id, position)');
        $this->addSql(
            'CREATE TABLE route_version (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES ' .
                'workshop (id), part_id UUID NOT NULL REFERENCES part (id) ON DELETE CASCADE, number INT NOT ' .
                'NULL, steps JSONB NOT NULL, because VARCHAR(500) NOT NULL, created_at TIMESTAMP(6) WITH ' .
                'TIME ZONE NOT NULL, UNIQUE (part_id, number))',
        );
        $this->addSql(
            'CREATE TABLE work_log (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop ' .
                '(id), part_id UUID NOT NULL REFERENCES part (id) ON DELETE CASCADE, number INT NOT NULL, ' .
                'entry_id VARCHAR(60) NOT NULL, kind VARCHAR(20) NOT NULL, step_key VARCHAR(60), at ' .
                'TIMESTAMP(6) WITH TIME ZONE NOT NULL, temperature_c DOUBLE PRECISION, humidity_ratio DOUBLE ' .
                'PRECISION, note TEXT NOT NULL, corrects VARCHAR(60), withdrawn BOOLEAN NOT NULL, written_at ' .
                'TIMESTAMP(6) WITH TIME ZONE NOT NULL, UNIQUE (part_id, number), UNIQUE (part_id, entry_id))',
        );
        $this->addSql(
            'CREATE FUNCTION work_log_is_append_only() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN ' .
                'RAISE EXCEPTION \'the work log is append-only; write a correction\'; END $$',
        );
        $this->addSql(
            'CREATE TRIGGER work_log_no_update BEFORE UPDATE ON work_log FOR EACH ROW EXECUTE FUNCTION ' .
                'work_log_is_append_only()',
        );
        $this->addSql(
            'CREATE TABLE web_session (sess_id VARCHAR(128) PRIMARY KEY, sess_data BYTEA NOT NULL, ' .
                'sess_lifetime INTEGER NOT NULL, sess_time INTEGER NOT NULL)',
        );
        $this->addSql('CREATE INDEX web_session_lifetime ON web_session (sess_lifetime)');
    }

    public function down(Schema $schema): void
    {
        foreach (['web_session', 'work_log', 'route_version', 'part', 'job', 'account', 'workshop'] as $table) {
            $this->addSql('DROP TABLE ' . $table);
        }
        $this->addSql('DROP FUNCTION work_log_is_append_only()');
    }
}
