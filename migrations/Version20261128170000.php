<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Which part of the running instance was seen when, and since when one is down. */
final class Version20261128170000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE instance_part (name VARCHAR(20) NOT NULL, seen_at TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL,
            down_since TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL, PRIMARY KEY(name))',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE instance_part');
    }
}
