// @ts-check
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/**
 * Lists every sentence riders can meet, file by file, in docs/words.md, for someone to read in one sitting. With
 * `--check` it writes nothing and fails when the page is behind.
 */
const PAGE = 'docs/words.md';
const ROOTS = ['app', 'src/ui', 'src/core'];

/** @param {string} folder @returns {string[]} */
const filesIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const file = path.join(folder, entry.name);
    if (entry.isDirectory()) return entry.name.startsWith('__') ? [] : filesIn(file);
    return /\.tsx?$/.test(entry.name) && !entry.name.endsWith('.d.ts') ? [file] : [];
  });

/** A sentence, or a label of some words: it begins with a capital, and has a space or ends as a sentence does. */
const isSaid = (/** @type {string} */ text) =>
  /^[“A-Z][^_{}<>=]*$/u.test(text) && /\s|[.?!…]$/.test(text) && /[a-z]{2}/.test(text);

/** @param {string} file @returns {string[]} */
function saidIn(file) {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  /** @type {string[]} */
  const said = [];
  /** @param {string} text */
  const take = (text) => {
    const line = text.replace(/\s+/g, ' ').trim();
    if (isSaid(line)) said.push(line);
  };
  /** @param {ts.Node} node */
  const visit = (node) => {
    if (ts.isImportDeclaration(node)) return;
    if (ts.isStringLiteralLike(node) || ts.isJsxText(node)) take(node.text);
    if (ts.isTemplateExpression(node))
      take(node.head.text + node.templateSpans.map((span) => `…${span.literal.text}`).join(''));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return [...new Set(said)];
}

const parts = ROOTS.flatMap(filesIn)
  .map((file) => ({ file, said: saidIn(file) }))
  .filter(({ said }) => said.length > 0);
const count = parts.reduce((sum, { said }) => sum + said.length, 0);

const page = [
  '# Every sentence',
  '',
  `What riders can read on screen, ${count} sentences and labels in ${parts.length} files; “…” stands for what is put in. ` +
    '`npm run words` writes this list from the code. How they should read: plain, whole, exact.',
  ...parts.flatMap(({ file, said }) => ['', `## ${file}`, '', ...said.map((line) => `- ${line}`)]),
  '',
].join('\n');

if (process.argv.includes('--check')) {
  if (readFileSync(PAGE, 'utf8') !== page) {
    console.error('docs/words.md is behind the sentences of the code: run npm run words.');
    process.exit(1);
  }
} else writeFileSync(PAGE, page);
