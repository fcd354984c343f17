import { type Schemas } from '../../api/client';

/** What is typed; all of it is there from the beginning. */
export type Draft = Required<Schemas['WorkCardBody']>;
