/**
 * Mutants of `core`: a sample of small faults, each planted alone in a copy of the sources, and the tests of `core`
 * run over it. A fault that no test notices is told with its place: there a test passes whatever the code says.
 *
 *   npx tsx tools/mutants.ts [how many] [seed] [folder or file under core/ …]
 */
import { spawn } from 'node:child_process';
import { cp, mkdtemp, readdir, readFile, rm, symlink, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const home = fileURLToPath(new URL('..', import.meta.url));
const COPIES = 2;
/**
 * The tests of each round, and how long they may take in milliseconds: what runs longer hangs, and is noticed by that.
 * Those beside the file come first, for most faults are noticed there, the widest last: these take minutes without a
 * fault, and are waited for, or every fault would count as one that hangs.
 */
const rounds = (file: string): readonly { tests: string; patience: number }[] => [
  { tests: `${file.endsWith('/') ? 'core/text' : dirname(file)}/`, patience: 300_000 },
  { tests: 'bench/(?:corpora|jsonld|rdfa)', patience: 300_000 },
  { tests: 'bench/outputs', patience: 300_000 },
  { tests: 'core/', patience: 1_800_000 },
];

type Mutant = { file: string; start: number; end: number; text: string; line: number; kind: string };

const TURNED: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
};

/** The faults that can be planted at one node: conditions that always or never hold, operators turned, booleans turned. */
function mutantsAt(node: ts.Node, source: ts.SourceFile): { node: ts.Node; text: string; kind: string }[] {
  if (ts.isIfStatement(node) || ts.isConditionalExpression(node)) {
    const condition = ts.isIfStatement(node) ? node.expression : node.condition;
    return ['true', 'false'].map((text) => ({ node: condition, text, kind: `condition ${text}` }));
  }
  if (ts.isBinaryExpression(node)) {
    const turned = TURNED[node.operatorToken.kind];
    return turned ? [{ node: node.operatorToken, text: turned, kind: `operator ${turned}` }] : [];
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return [{ node, text: node.operand.getText(source), kind: 'not dropped' }];
  if (node.kind === ts.SyntaxKind.TrueKeyword) return [{ node, text: 'false', kind: 'true to false' }];
  if (node.kind === ts.SyntaxKind.FalseKeyword) return [{ node, text: 'true', kind: 'false to true' }];
  if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
    const { name, expression } = node.expression;
    if (name.text === 'filter') return [{ node, text: expression.getText(source), kind: 'filter dropped' }];
    if (name.text === 'some' || name.text === 'every')
      return [{ node: name, text: name.text === 'some' ? 'every' : 'some', kind: 'some and every' }];
  }
  return [];
}

async function sources(folder: string): Promise<string[]> {
  const entries = await readdir(join(home, folder), { recursive: true });
  return entries
    .filter(
      (name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !/(?:terms|cells|rows)\.ts$/.test(name),
    )
    .map((name) => join(folder, name))
    .sort();
}

async function mutantsOf(file: string): Promise<Mutant[]> {
  const text = await readFile(join(home, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const visit = (node: ts.Node): void => {
    // Types hold no conduct.
    if (ts.isTypeNode(node)) return;
    for (const mutant of mutantsAt(node, source)) {
      const start = mutant.node.getStart(source);
      const line = source.getLineAndCharacterOfPosition(start).line + 1;
      found.push({ file, start, end: mutant.node.getEnd(), text: mutant.text, line, kind: mutant.kind });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Numbers from 0 to 1 that a seed decides: a sample can be drawn again. */
function drawing(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

async function noticed(copy: string, file: string): Promise<boolean> {
  for (const { tests, patience } of rounds(file)) if (await fails(copy, tests, patience)) return true;
  return false;
}

function fails(copy: string, tests: string, patience: number): Promise<boolean> {
  return new Promise((resolve) => {
    const flags = ['--experimental-vm-modules', '--no-warnings', '--max-old-space-size=2000'];
    const jest = [
      'node_modules/jest/bin/jest.js',
      '--selectProjects',
      'core',
      'node',
      '--runInBand',
      '--bail=1',
      '--ci',
    ];
    const child = spawn(
      process.execPath,
      [...flags, ...jest, '--passWithNoTests', '--testPathPatterns', `/${tests}`],
      {
        cwd: copy,
        stdio: 'ignore',
        timeout: patience,
        killSignal: 'SIGKILL',
      },
    );
    child.once('close', (status) => resolve(status !== 0));
  });
}

async function copyOfHouse(): Promise<string> {
  const copy = await mkdtemp(join(tmpdir(), 'zinc-mutants-'));
  for (const name of await readdir(home))
    if (!['node_modules', '.git', '.data', 'build'].includes(name))
      await cp(join(home, name), join(copy, name), { recursive: true });
  await symlink(join(home, 'node_modules'), join(copy, 'node_modules'));
  return copy;
}

const [many = '200', seed = '1', ...only] = process.argv.slice(2);
const files = (await sources('core')).filter(
  (file) => only.length === 0 || only.some((start) => file.startsWith(join('core', start))),
);
const all = (await Promise.all(files.map(mutantsOf))).flat();
const random = drawing(Number(seed));
const sample = all
  .map((mutant) => ({ mutant, at: random() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, Number(many))
  .map(({ mutant }) => mutant);
console.log(`${sample.length} of ${all.length} mutants in ${files.length} files, seed ${seed}`);

/** Tests that fail without a fault would notice every one. */
async function failsByItself(): Promise<string> {
  const copy = await copyOfHouse();
  try {
    for (const { tests, patience } of rounds('core/')) if (await fails(copy, tests, patience)) return tests;
    return '';
  } finally {
    await rm(copy, { recursive: true, force: true });
  }
}

const broken = await failsByItself();
if (broken) {
  console.error(`The tests of ${broken} fail, or take too long, without any fault: nothing can be told.`);
  process.exit(1);
}

let killed = 0;
let tried = 0;
const queue = [...sample];
await Promise.all(
  Array.from({ length: COPIES }, async () => {
    const copy = await copyOfHouse();
    try {
      for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
        const path = join(copy, mutant.file);
        const before = await readFile(path, 'utf8');
        await writeFile(path, before.slice(0, mutant.start) + mutant.text + before.slice(mutant.end));
        const seen = await noticed(copy, mutant.file);
        await writeFile(path, before);
        tried += 1;
        if (seen) killed += 1;
        else console.log(`survived: ${relative('.', mutant.file)}:${mutant.line} ${mutant.kind}`);
        if (tried % 20 === 0) console.log(`  ${killed} of ${tried} noticed`);
      }
    } finally {
      await rm(copy, { recursive: true, force: true });
    }
  }),
);
console.log(`${killed} of ${tried} noticed: ${((100 * killed) / Math.max(tried, 1)).toFixed(1)} %`);
