import { fileURLToPath } from 'node:url';
import { ESLint } from 'eslint';

const root = fileURLToPath(new URL('../../', import.meta.url));
const eslint = new ESLint({ cwd: root });

const rulesBroken = async (filePath: string, code: string): Promise<string[]> => {
  const [result] = await eslint.lintText(code, { filePath: `${root}${filePath}` });
  return [...new Set(result!.messages.map((message) => message.ruleId ?? message.message))];
};

describe('the lint rule keeps the arrows pointing downwards', () => {
  test.each([
    [
      'core/src/units/strength.ts',
      "import { readFileSync } from 'node:fs';\nexport const a = readFileSync;\n",
    ],
    ['core/src/units/strength.ts', "import * as v from 'valibot';\nexport const a = v;\n"],
    ['contract/src/parts/text.ts', "import express from 'express';\nexport const a = express;\n"],
    ['web/src/main.tsx', "import { DataSource } from 'typeorm';\nexport const a = DataSource;\n"],
    [
      'web/src/main.tsx',
      "import { dilute } from '@zymostat/core/src/solutions/dilute.ts';\nexport const a = dilute;\n",
    ],
    [
      'server/src/features/batches/service.ts',
      "import { HomeEntity } from '../homes/tables.ts';\nexport const a = HomeEntity;\n",
    ],
    [
      'server/src/features/batches/service.ts',
      "import { In } from 'typeorm';\nexport const a = In;\n",
    ],
  ])('%s may not hold %j', async (file, code) => {
    expect(await rulesBroken(file, code)).toContain('no-restricted-imports');
  });

  test.each([
    ['a clock', 'export const a = Date.now();\n'],
    ['today', 'export const a = new Date();\n'],
    ['chance', 'export const a = Math.random();\n'],
  ])('core has no %s', async (_, code) => {
    expect(await rulesBroken('core/src/units/strength.ts', code)).toContain('no-restricted-syntax');
  });

  test('what points downwards is allowed', async () => {
    expect(
      await rulesBroken(
        'server/src/platform/config.ts',
        "import { dilute } from '@zymostat/core';\nexport const a = dilute;\n",
      ),
    ).toEqual([]);
    expect(
      await rulesBroken(
        'core/src/units/strength.ts',
        "import { oiml } from '../reference/alcoholTables.ts';\nexport const a = oiml;\n",
      ),
    ).toEqual([]);
  });
});
