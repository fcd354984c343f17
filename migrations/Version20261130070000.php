<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The bytes of photos leave their rows: they lie at a place of their own, which is this table where no other is set. A
 * list of photos does not read their pictures any more.
 */
final class Version20261130070000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE photo_file (path VARCHAR(200) PRIMARY KEY, bytes BYTEA NOT NULL,
            at TIMESTAMP WITH TIME ZONE NOT NULL)',
        );
        // Pictures are packed already.
        $this->addSql('ALTER TABLE photo_file ALTER COLUMN bytes SET STORAGE EXTERNAL');
        $this->addSql(
            "INSERT INTO photo_file SELECT workshop_id || '/' || id || '.jpg', bytes, at FROM photo
            UNION ALL SELECT workshop_id || '/' || id || '-small.jpg', COALESCE(small, bytes), at FROM photo",
        );
        $this->addSql('ALTER TABLE photo DROP bytes');
        $this->addSql('ALTER TABLE photo DROP small');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE photo ADD bytes BYTEA DEFAULT NULL');
        $this->addSql('ALTER TABLE photo ADD small BYTEA DEFAULT NULL');
        foreach (['bytes' => '.jpg', 'small' => '-small.jpg'] as $column => $end) {
            $this->addSql(
                "UPDATE photo SET $column = f.bytes FROM photo_file f
                WHERE f.path = workshop_id || '/' || id || '$end'",
            );
        }
        $this->addSql('ALTER TABLE photo ALTER bytes SET NOT NULL');
        $this->addSql('DROP TABLE photo_file');
    }
}
