import { type WhatIf } from '../../api/keys';

export const planned: WhatIf = { coats: '', loss: '', breeze: '', method: '' };
