import { transformAsync } from '@babel/core';
import type { Plugin } from 'vite';

/** Messages written in the source (`t`, `msg`, `Trans`, `plural`) become what is looked up when they are shown. */
export function macros(): Plugin {
  return {
    name: 'messages',
    enforce: 'pre',
    async transform(code, id) {
      if (!/\.tsx?$/.test(id) || !/@lingui\/(core|react)\/macro/.test(code)) return null;
      const done = await transformAsync(code, {
        filename: id,
        babelrc: false,
        configFile: false,
        sourceMaps: true,
        parserOpts: { plugins: ['typescript', 'jsx'] },
        // English stands in the source, so that it needs no catalogue.
        plugins: [['@lingui/babel-plugin-lingui-macro', { stripMessageField: false }]],
      });
      return done?.code ? { code: done.code, map: done.map } : null;
    },
  };
}
