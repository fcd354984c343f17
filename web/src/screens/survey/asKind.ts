import { type Schemas } from '../../api/client';

export type Shape = Record<string, string>;

export type Kind = Schemas['ShapeKind'];

/** What both kinds have is kept; what only the new one has begins at its usual size; the rest is dropped. */
export function asKind(shape: Shape, kind: Kind): Shape {
  const kept: Shape = { kind: kind.kind, name: shape['name'] ?? '' };
  for (const f of kind.fields) {
    const had = shape[f.name];
    const value =
      had !== undefined && had !== '' && (f.options.length === 0 || f.options.includes(had)) ? had : f.start;
    if (value !== '') kept[f.name] = value;
  }
  return kept;
}
