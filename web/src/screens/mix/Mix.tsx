import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, FormControlLabel, Switch, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { type Tools } from '../../api/keys';
import { useMix } from '../../api/parts';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { QuantityField } from '../../parts/QuantityField';
import { CoatMix } from './CoatMix';
import { AllCoats } from './AllCoats';

const usual: Tools = { vessel: '1 L', scale: '', helper: '0', tray: '0' };

export function Mix() {
  const { part = '' } = useParams();
  const [typed, setTyped] = useState(usual);
  const [asked, setAsked] = useState(usual);
  const [by, setBy] = useState<'scale' | 'volume'>('scale');
  const [chosen, setChosen] = useState<string | null>(null);
  const mix = useMix(part, asked);
  const bad = mix.isError && asked !== usual;
  useEffect(() => {
    const timer = setTimeout(() => {
      setAsked({ ...typed, vessel: typed.vessel.trim() || usual.vessel, scale: typed.scale.trim() });
    }, 400);
    return () => {
      clearTimeout(timer);
    };
  }, [typed]);
  if (mix.isPending) return <Loading />;
  if (mix.isError && !bad) return <Failed error={mix.error} />;
  const coats = mix.data?.coats ?? [];
  const card = coats.find((c) => c.stepKey === chosen) ?? coats.find((c) => c.status !== 'done') ?? coats[0];
  const toggle = {
    '& .MuiToggleButton-root': { px: 1.75 },
  };
  return (
    <Text roomy>
      <Title sub={mix.data?.place}>{card ? t`Mix: ${card.name}, coat ${card.coat}` : t`Mix`}</Title>
      {mix.data?.obstacle && <Notice title={t`Nothing to mix yet`}>{mix.data.obstacle}</Notice>}
      {mix.data && !mix.data.obstacle && coats.length === 0 && (
        <Notice tone="deep" title={t`Nothing to mix`}>
          <Trans>The route of this part lays no coat.</Trans>
        </Notice>
      )}
      {coats.length > 0 && (
        <Row align="start" wrap below={3} sx={{ gap: '8px 16px' }}>
          <ToggleButtonGroup
            exclusive
            value={card?.stepKey}
            onChange={(_, v: string | null) => {
              if (v !== null) setChosen(v);
            }}
            aria-label={t`Coat`}
            sx={{ flexWrap: 'wrap', ...toggle }}
          >
            {coats.map((c) => (
              <ToggleButton key={c.stepKey} value={c.stepKey}>
                {c.status === 'done' ? '✓ ' : ''}
                <Trans>
                  {c.name}, coat {c.coat}
                </Trans>
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Box sx={{ flexBasis: '100%', height: 0 }} />
          <ToggleButtonGroup
            exclusive
            value={by}
            onChange={(_, v: 'scale' | 'volume' | null) => {
              if (v !== null) setBy(v);
            }}
            aria-label={t`Measure by`}
            sx={toggle}
          >
            <ToggleButton value="scale">
              <Trans>By scale</Trans>
            </ToggleButton>
            <ToggleButton value="volume">
              <Trans>By volume</Trans>
            </ToggleButton>
          </ToggleButtonGroup>
          <QuantityField
            label={t`Mixing vessel`}
            of="volume"
            value={typed.vessel}
            onChange={(vessel) => {
              setTyped({ ...typed, vessel });
            }}
            error={bad && t`${mix.error.message} Accepted: a vessel such as 1 L, a scale step such as 1 g.`}
            sx={{ width: 140 }}
          />
          <QuantityField
            label={t`Scale step`}
            of="mass"
            placeholder={mix.data?.scale ?? ''}
            value={typed.scale}
            onChange={(scale) => {
              setTyped({ ...typed, scale });
            }}
            sx={{ width: 110 }}
          />
          <FormControlLabel
            control={
              <Switch
                checked={typed.helper === '1'}
                onChange={(_, on) => {
                  setTyped({ ...typed, helper: on ? '1' : '0' });
                }}
              />
            }
            label={t`a helper mixes`}
          />
          <FormControlLabel
            control={
              <Switch
                checked={typed.tray === '1'}
                onChange={(_, on) => {
                  setTyped({ ...typed, tray: on ? '1' : '0' });
                }}
              />
            }
            label={t`into a tray`}
          />
        </Row>
      )}
      {card && card.area.value <= 0 && (
        <Notice tone="brass" title={t`The part has no area yet`}>
          <Trans>Measure it in the survey; until then there is nothing to mix.</Trans>
        </Notice>
      )}
      {card && (
        <CoatMix card={card} by={by} tools={asked} scaleIsThere={mix.data?.scaleIsThere ?? false} key={card.stepKey} />
      )}
      {coats.length > 0 && <AllCoats coats={coats} />}
    </Text>
  );
}
