import { t } from '@lingui/core/macro';
import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { Text } from '../theme/layout';
import { mono, textSize, tok } from '../theme/tokens';
import { Bar } from './shapes/Bar';
import type { Drawn } from './shapes/Dim';
import { Flat, Tank } from './shapes/Flat';
import { Hull } from './shapes/Hull';
import { Lattice, Round } from './shapes/Round';
import { Cone, Dome, Wheel } from './shapes/Turned';

/** How a kind of shape is drawn, and what of the drawing can be measured off. */
function drawing(of: Drawn): [ReactNode, string] {
  switch (of.kind) {
    case 'box-section':
    case 'angle':
    case 'channel':
    case 'i-section':
      return [<Bar key="bar" {...of} />, t`Section to scale, length drawn short.`];
    case 'round-bar':
      return [<Round key="round" {...of} />, t`Length drawn short.`];
    case 'tube':
      return [<Round key="round" {...of} />, t`Length drawn short; the wall to scale.`];
    case 'lattice':
      return [<Lattice key="lattice" {...of} />, t`Not to scale: what counts is the length of all bars together.`];
    case 'wheel':
      return [<Wheel key="wheel" {...of} />, t`To scale: the face, and the barrel from the side.`];
    case 'dome':
      return [<Dome key="dome" {...of} />, t`To scale, from the side.`];
    case 'cone-frustum':
      return [<Cone key="cone" {...of} />, t`To scale, from the side.`];
    case 'tank':
      return [<Tank key="tank" {...of} />, t`Length and depth to scale, width drawn short.`];
    case 'topsides':
    case 'planing-bottom':
    case 'wetted-hull':
      return [<Hull key="hull" {...of} />, t`Sizes to scale; its lines are drawn, not measured.`];
    default:
      return [<Flat key="flat" {...of} />, t`The face to scale; its edge is drawn at one thickness.`];
  }
}

/** A shape with its dimensions, and what of it is to scale. */
export function ShapeDrawing({ shape, label }: { shape: Schemas['ShapeView']; label: string }) {
  const text = shape.dimensions;
  const [drawn, scale] = drawing({ kind: shape.kind, d: shape.values, text });
  return (
    <>
      <svg
        viewBox="0 0 350 228"
        width="100%"
        style={{ maxWidth: 400, display: 'block' }}
        role="img"
        aria-label={`${label}: ${Object.entries(text)
          .map(([k, v]) => `${k} ${v}`)
          .join(', ')}`}
      >
        {drawn}
        {text['count'] && text['count'] !== '1' && (
          <text
            x="340"
            y="24"
            textAnchor="end"
            fontSize={textSize.title}
            fontWeight="700"
            fontFamily={mono}
            fill={tok('ink')}
          >
            × {text['count']}
          </text>
        )}
      </svg>
      <Text size="s" tone="ink2">
        {scale}
      </Text>
    </>
  );
}
