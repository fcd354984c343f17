<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Every change of anything of a yard leaves a line; the last of them and their number are the version of the yard.
 * Triggers write them, so that no way of writing can forget to.
 */
final class Version20261128173000 extends AbstractMigration
{
    private const OF_YARD = [
        'job',
        'part',
        'route_version',
        'work_log',
        'photo',
        'tag',
        'tin',
        'tin_movement',
        'forecast',
        'place_reading',
        'yard_plan',
    ];

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE yard_change (id BIGSERIAL PRIMARY KEY, workshop_id UUID NOT NULL,
            at TIMESTAMP(6) WITH TIME ZONE DEFAULT now() NOT NULL)',
        );
        $this->addSql('CREATE INDEX yard_change_of ON yard_change (workshop_id, id)');
        $this->addSql(
            'CREATE FUNCTION yard_changed() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
            INSERT INTO yard_change (workshop_id) SELECT DISTINCT workshop_id FROM changed; RETURN NULL; END $$',
        );
        $this->addSql(
            'CREATE FUNCTION yard_itself_changed() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
            INSERT INTO yard_change (workshop_id) SELECT DISTINCT id FROM changed; RETURN NULL; END $$',
        );
        foreach (
            [...array_fill_keys(self::OF_YARD, 'yard_changed'), 'workshop' => 'yard_itself_changed']
            as $table => $does
        ) {
            foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $event => $rows) {
                $this->addSql(
                    sprintf(
                        'CREATE TRIGGER %s_%s_noted AFTER %s ON %1$s REFERENCING %s TABLE AS changed
                        FOR EACH STATEMENT EXECUTE FUNCTION %s()',
                        $table,
                        strtolower($event),
                        $event,
                        $rows,
                        $does,
                    ),
                );
            }
        }
    }

    public function down(Schema $schema): void
    {
        foreach ([...self::OF_YARD, 'workshop'] as $table) {
            foreach (['insert', 'update', 'delete'] as $event) {
                $this->addSql(sprintf('DROP TRIGGER %s_%s_noted ON %1$s', $table, $event));
            }
        }
        $this->addSql('DROP FUNCTION yard_changed()');
        $this->addSql('DROP FUNCTION yard_itself_changed()');
        $this->addSql('DROP TABLE yard_change');
    }
}
