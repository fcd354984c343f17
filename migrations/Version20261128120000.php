<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The strip-down register: numbered tags of a job, and photos that belong to one. */
final class Version20261128120000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE tag (id UUID NOT NULL, workshop_id UUID NOT NULL, job_id UUID NOT NULL,
            number INT NOT NULL, code VARCHAR(6) NOT NULL, written JSONB NOT NULL,
            at TIMESTAMP(6) WITH TIME ZONE NOT NULL, removed_at TIMESTAMP(6) WITH TIME ZONE DEFAULT NULL,
            version INT DEFAULT 1 NOT NULL, PRIMARY KEY(id))',
        );
        $this->addSql('CREATE UNIQUE INDEX UNIQ_TAG_NUMBER ON tag (job_id, number)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_TAG_CODE ON tag (workshop_id, code)');
        $this->addSql('CREATE INDEX IDX_TAG_WORKSHOP ON tag (workshop_id)');
        $this->addSql('CREATE INDEX IDX_TAG_JOB ON tag (job_id)');
        $this->addSql('ALTER TABLE tag ADD FOREIGN KEY (workshop_id) REFERENCES workshop (id)');
        $this->addSql('ALTER TABLE tag ADD FOREIGN KEY (job_id) REFERENCES job (id) ON DELETE CASCADE');
        $this->addSql('ALTER TABLE photo ADD tag_id UUID DEFAULT NULL');
        $this->addSql('CREATE INDEX IDX_PHOTO_TAG ON photo (tag_id)');
        $this->addSql('ALTER TABLE photo ADD FOREIGN KEY (tag_id) REFERENCES tag (id) ON DELETE SET NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE photo DROP COLUMN tag_id');
        $this->addSql('DROP TABLE tag');
    }
}
