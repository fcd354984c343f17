import { type Schemas } from '../../api/client';

export type Step = Schemas['StepView'];
