/**
 * What there is to say on the screens, in English: every text with the files that say it. `npm run texts` prints it as JSON
 * for whoever writes a language; with `--missing FILE` only what that language's module doesn't have yet. With `--check` it
 * is an error that a screen shows words that are not said, or says a text that can't be read or lacks a value.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import ts from 'typescript';
import { ROOT } from './prepare.mjs';

const SRC = join(ROOT, 'packages/web/src');
/** The functions of `words/t.ts` and `words/tell.ts`. */
const SAYS = new Set(['t', 'tell', 'later']);
/** Attributes that people read. */
const READ = new Set(['label', 'title', 'placeholder', 'aria-label', 'alt', 'hint', 'what', 'none']);
const WORD = /\p{L}{2}/u;

/** Names that an ICU message asks values for. */
function namesIn(elements) {
  return elements.flatMap((element) => {
    if (element.type === TYPE.literal || element.type === TYPE.pound) return [];
    const options = 'options' in element ? Object.values(element.options).flatMap(({ value }) => namesIn(value)) : [];
    return [element.value, ...options];
  });
}

function problemOf(text, values) {
  try {
    const missing = namesIn(parse(text, { ignoreTag: true })).find((name) => !values.includes(name));
    return missing === undefined ? null : `"${text}" is given no ${missing}`;
  } catch (error) {
    return `"${text}" is no ICU message: ${error.message}`;
  }
}

/** What a file says, and what is wrong with it. */
function readFile(path) {
  const file = relative(SRC, path);
  const kind = path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true, kind);
  const said = [];
  const problems = [];
  const wrong = (node, problem) => problems.push(`${file}:${source.getLineAndCharacterOfPosition(node.getStart()).line + 1}: ${problem}`);
  const visit = (node) => {
    if (ts.isCallExpression(node) && ts.isIdentifier(node.expression) && SAYS.has(node.expression.text)) {
      const [first, values] = node.arguments;
      if (first && ts.isStringLiteralLike(first)) {
        const given = values && ts.isObjectLiteralExpression(values) ? values.properties.map(({ name }) => name?.getText()) : [];
        said.push(first.text);
        const problem = problemOf(first.text, given);
        if (problem) wrong(node, problem);
      }
    }
    if (ts.isJsxText(node) && WORD.test(node.text)) wrong(node, `"${node.text.trim()}" is shown and not said`);
    if (
      ts.isJsxAttribute(node) &&
      READ.has(node.name.getText()) &&
      node.initializer &&
      ts.isStringLiteral(node.initializer) &&
      WORD.test(node.initializer.text)
    )
      wrong(node, `${node.initializer.getText()} is shown and not said`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return { file, said, problems };
}

const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((file) => /\.tsx?$/.test(file) && !/\.(test|fixture)\./.test(file))
  .map((file) => readFile(join(SRC, file)));

/** What the library brings to a screen: names, questions and reasons, as they stand in the core. */
async function libraryTexts() {
  const { CONDITIONS, EN, library, MEASURES } = await import('../packages/core/dist/index.js');
  const limits = ({ limits: own }) => own.map(({ reason }) => reason);
  return [
    ...Object.values(EN),
    ...Object.values(MEASURES).map(({ label }) => label),
    ...library.asanas.flatMap(({ name, variations }) => [name, ...variations.map((variation) => variation.name)]),
    ...CONDITIONS.flatMap((condition) => [
      condition.name,
      ...Object.values(condition.stages),
      ...Object.values(condition.parameters).flatMap(({ ask, how }) => [ask, how]),
      ...limits(condition),
    ]),
  ].filter((text) => typeof text === 'string' && WORD.test(text));
}

/** The texts of a language's module, which may be TypeScript. */
async function textsOf(file) {
  const { outputText } = ts.transpileModule(readFileSync(resolve(file), 'utf8'), {
    compilerOptions: { module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2022 },
  });
  const { TEXTS } = await import(`data:text/javascript,${encodeURIComponent(outputText)}`);
  return TEXTS;
}

async function list(missing) {
  const TEXTS = missing === undefined ? {} : await textsOf(missing);
  const places = new Map();
  const add = (text, place) => places.set(text, new Set([...(places.get(text) ?? []), place]));
  for (const { file, said } of files) for (const text of said) add(text, file);
  for (const text of await libraryTexts()) add(text, 'library');
  const open = [...places].filter(([text]) => !Object.hasOwn(TEXTS, text)).sort(([a], [b]) => a.localeCompare(b));
  return Object.fromEntries(open.map(([text, where]) => [text, [...where].sort()]));
}

const problems = files.flatMap((file) => file.problems);
if (process.argv.includes('--check')) {
  process.stdout.write(problems.map((problem) => `${problem}\n`).join(''));
  process.exitCode = problems.length > 0 ? 1 : 0;
} else {
  const at = process.argv.indexOf('--missing');
  process.stdout.write(`${JSON.stringify(await list(at < 0 ? undefined : process.argv[at + 1]), null, 2)}\n`);
}
