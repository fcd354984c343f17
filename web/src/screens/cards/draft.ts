import { type Schemas } from '../../api/client';

export type Draft = Schemas['WorkCardBody'];
