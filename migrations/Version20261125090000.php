<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Weather and readings, who works when, plans by version, due dates, a secret address for the calendar. */
final class Version20261125090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            "ALTER TABLE workshop ADD crew JSONB DEFAULT '[]' NOT NULL, ADD calendar_key VARCHAR(64) DEFAULT NULL",
        );
        $this->addSql(
            'CREATE UNIQUE INDEX workshop_of_calendar ON workshop (calendar_key) WHERE calendar_key IS NOT NULL',
        );
        $this->addSql('ALTER TABLE job ADD due TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL');
        $this->addSql(
            'CREATE TABLE forecast (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop ' .
                '(id), at TIMESTAMP(6) WITH TIME ZONE NOT NULL, source VARCHAR(120) NOT NULL, first_hour INT ' .
                'NOT NULL, hours JSONB NOT NULL)',
        );
        $this->addSql('CREATE INDEX forecast_of_workshop ON forecast (workshop_id, at DESC)');
        $this->addSql(
            'CREATE TABLE place_reading (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES ' .
                'workshop (id), place VARCHAR(80) NOT NULL, at TIMESTAMP(6) WITH TIME ZONE NOT NULL, ' .
                'temperature_c DOUBLE PRECISION NOT NULL, humidity_ratio DOUBLE PRECISION NOT NULL, source ' .
                'VARCHAR(120) NOT NULL, UNIQUE (workshop_id, place, at))',
        );
        $this->addSql(
            'CREATE TABLE yard_plan (id UUID PRIMARY KEY, workshop_id UUID NOT NULL REFERENCES workshop ' .
                '(id), version INT NOT NULL, at TIMESTAMP(6) WITH TIME ZONE NOT NULL, status VARCHAR(10) NOT ' .
                'NULL, done INT NOT NULL, tries INT NOT NULL, note VARCHAR(500) NOT NULL, body JSONB NOT ' .
                'NULL, UNIQUE (workshop_id, version))',
        );
        $this->addSql("CREATE INDEX yard_plan_wanted ON yard_plan (at) WHERE status = 'wanted'");
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE yard_plan');
        $this->addSql('DROP TABLE place_reading');
        $this->addSql('DROP TABLE forecast');
        $this->addSql('ALTER TABLE job DROP due');
        $this->addSql('ALTER TABLE workshop DROP crew, DROP calendar_key');
    }
}
