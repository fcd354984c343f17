import { Columns, Row, Text } from '../../theme/layout';
import type { MessageDescriptor } from '@lingui/core';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { type ChangeEvent, useEffect, useRef, useState } from 'react';
import { type Schemas } from '../../api/client';
import { useKeepPhoto, usePhotos, useRemovePhoto } from '../../api/photos';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { small } from '../../parts/picture';
import { PhotoTile } from './PhotoTile';

type Moment = Schemas['PhotoBody']['moment'];

const words: Record<string, MessageDescriptor> = { before: msg`Before`, during: msg`Under way`, after: msg`After` };

/** Photos of a part; taken out ones can be had back for a few seconds. */
export function Photos({ part }: { part: string }) {
  const photos = usePhotos(part);
  const keep = useKeepPhoto(part);
  const remove = useRemovePhoto(part);
  const [moment, setMoment] = useState<Moment>('before');
  const [wrong, setWrong] = useState('');
  const [going, setGoing] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const drop = remove.mutate;
  useEffect(() => {
    if (going === null) return;
    const timer = setTimeout(() => {
      drop(going, {
        onSettled: () => {
          setGoing(null);
        },
      });
    }, 6000);
    return () => {
      clearTimeout(timer);
    };
  }, [going, drop]);
  const take = async (e: ChangeEvent<HTMLInputElement>) => {
    const chosen = [...(e.target.files ?? [])];
    e.target.value = '';
    try {
      setWrong('');
      for (const one of chosen)
        await keep.mutateAsync({
          moment,
          image: await small(one),
          caption: one.name.replace(/\.[a-z0-9]+$/i, '').slice(0, 200),
        });
    } catch (cause) {
      setWrong(cause instanceof Error ? cause.message : t`That did not work.`);
    }
  };
  const shown = (photos.data?.photos ?? []).filter((p) => p.id !== going);
  return (
    <Box>
      <Heading>
        <Trans>Photos</Trans>
      </Heading>
      <Row gap={1} align="center" wrap below={1.5}>
        <ToggleButtonGroup
          exclusive
          value={moment}
          onChange={(_, v: Moment | null) => {
            if (v !== null) setMoment(v);
          }}
          aria-label={t`When the photo is from`}
        >
          {Object.entries(words).map(([id, label]) => (
            <ToggleButton key={id} value={id}>
              {spoken(label)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Button onClick={() => file.current?.click()} disabled={keep.isPending}>
          {keep.isPending ? t`Keeping …` : t`Add photos`}
        </Button>
        <input
          ref={file}
          type="file"
          accept="image/*"
          multiple
          hidden
          aria-label={t`Photos`}
          onChange={(e) => {
            void take(e);
          }}
        />
        {going !== null && (
          <Button
            onClick={() => {
              setGoing(null);
            }}
          >
            <Trans>Undo: have the photo back</Trans>
          </Button>
        )}
      </Row>
      {wrong && (
        <div role="alert">
          <Notice title={t`Not kept`}>{wrong}</Notice>
        </div>
      )}
      {photos.data && shown.length === 0 && (
        <Text tone="ink2">
          <Trans>None yet. All sides, every joint before it comes apart, and something of known size beside it.</Trans>
        </Text>
      )}
      <Columns as="ul" gap={1.5} cols="repeat(auto-fill, minmax(150px, 1fr))" plain>
        {shown.map((p) => (
          <Box component="li" key={p.id}>
            <PhotoTile
              p={p}
              says={spoken(words[p.moment])}
              drop={() => {
                setGoing(p.id);
              }}
            />
          </Box>
        ))}
      </Columns>
    </Box>
  );
}
