import ts from 'typescript';
import { expect, it } from 'vitest';

const SOURCES = import.meta.glob<string>('./**/*.{ts,tsx}', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** What a person may read in the page's sources: the words of its tags, and every string that is more than a name. */
function texts(): string[] {
  return Object.entries(SOURCES)
    .filter(([file]) => !/\.test\.|schema\.gen/.test(file))
    .flatMap(([file, text]) => {
      const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
      const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, kind);
      return textsIn(source).map((each) => `${file}: ${each}`);
    });
}

function textsIn(node: ts.Node): string[] {
  if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) {
    return [];
  }
  const below: string[] = [];
  ts.forEachChild(node, (child) => void below.push(...textsIn(child)));
  const own =
    ts.isJsxText(node) || ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? node.getText()
        : '';
  const plain = own.replace(/\s+/g, ' ').trim();
  return /[A-Za-z]{2}.* .*[A-Za-z]/.test(plain) ? [plain, ...below] : below;
}

/** Words that words.md rules out for what people read, and what sounds translated. */
const RULED_OUT: readonly RegExp[] = [
  /\b(loops?|unlooped)\b(?!\.)/i,
  /\b(put by|at hand|such as|thrown? away|keep it|take it|leave out|held one)\b/i,
  /\b(reckon\w*|otherwise than|by itself|that bothers|go on with|taken in)\b/i,
  /\ba side\b|\bon each side\b|\bround the (ball|leg|foot)\b/i,
  /\bravel/i,
  /\b(heel pocket|hairline|lap)\b/i,
  /\bin 10 cm\b|\bto 10 cm\b/,
  /\b1 (rounds|sts|stitches)\b/,
  /\b([a-z]{2,}) \1\b/,
];

/** Where a word is meant for a program and not for a person. */
const FOR_PROGRAMS = /\/api\/|^[a-z-]+$|\d?fr\b|data-|-lap\b/;

/** Whether it has such a word; what is put into a text, and the file it is in, is not read. */
function ruledOut(text: string): boolean {
  const read = text.replace(/^\S+: /, '').replace(/\$\{[^}]*\}/g, '…');
  return !FOR_PROGRAMS.test(read) && RULED_OUT.some((word) => word.test(read));
}

it('has no text that words.md rules out', () => {
  const all = texts();
  expect(all.length).toBeGreaterThan(600);
  expect(all.filter(ruledOut)).toEqual([]);
}, 60_000);
