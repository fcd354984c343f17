import { Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { type Schemas } from '../../api/client';
import { Explained } from '../../parts/Explained';

/** The lesser figures of a coat, each with its reckoning. */
export function MoreFigures({ card }: { card: Schemas['CoatCard'] }) {
  return (
    <Row wrap size="m" sx={{ gap: '4px 20px' }}>
      <span>
        <Trans>dry film {card.dft.text}</Trans>
      </span>
      <span>
        <Trans>on {card.area.text}</Trans>
      </span>
      <span>
        <Trans>
          loss <Explained v={card.loss} label={t`Loss`} />
        </Trans>
      </span>
      <span>
        <Trans>
          covers <Explained v={card.coverage} label={t`Coverage`} />
        </Trans>
      </span>
      <span>
        <Trans>
          on the part <Explained v={card.theoretical} label={t`Theoretical`} />
        </Trans>
      </span>
      {card.passes && (
        <span>
          <Trans>
            <Explained v={card.passes} label={t`Passes`} /> passes over each spot
          </Trans>
          {card.pace && (
            <>
              , <Explained v={card.pace} label={t`Pace`} />
            </>
          )}
        </span>
      )}
      {card.dose && (
        <span>
          <Trans>
            smallest part off by up to <Explained v={card.dose} label={t`Dose error`} />
          </Trans>
        </span>
      )}
      {card.smallest && (
        <span>
          <Trans>
            no batch under <Explained v={card.smallest} label={t`Least batch`} />
          </Trans>
        </span>
      )}
      <span>
        <Trans>
          waste <Explained v={card.waste} label={t`Waste`} />
        </Trans>
      </span>
    </Row>
  );
}
