import ts from 'typescript';
import { expect, it } from 'vitest';

const SOURCES = import.meta.glob<string>('../**/*.{ts,tsx}', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** The catalogue of a place, or that of what several places say. */
const CATALOGUE = /\/texts\.ts$|\/shared\.ts$/;

/** What a person may read in sources: the words of tags, and every string that is more than a name. */
function texts(files: (file: string) => boolean): string[] {
  return Object.entries(SOURCES)
    .filter(([file]) => !/\.test\.|schema\.gen/.test(file) && files(file))
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
  const plain = own(node).replace(/\s+/g, ' ').trim();
  const isText = ts.isJsxText(node) ? /[A-Za-z]/ : /[A-Za-z]{2}.* .*[A-Za-z]/;
  return isText.test(plain) ? [plain, ...below] : below;
}

/** The words of a node alone, with … for what is put in. */
function own(node: ts.Node): string {
  if (ts.isTemplateExpression(node)) {
    return node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join('');
  }
  return ts.isJsxText(node) || ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)
    ? node.text
    : '';
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
  const read = text.replace(/^\S+: /, '');
  return !FOR_PROGRAMS.test(read) && RULED_OUT.some((word) => word.test(read));
}

it('has no text that words.md rules out', () => {
  const all = texts(() => true);
  expect(all.length).toBeGreaterThan(600);
  expect(all.filter(ruledOut)).toEqual([]);
});

/** Styles, selectors, drawings and what goes into a file are read by programs alone. */
const STYLE =
  /\dfr\b|\d(px|mm|em|in)\b|underline dotted|currentColor|^[^:]*: [&(@<]|(nth|last)-|\b(svg|input|button)\b,|-serif|letter landscape$|card half-letter$|: figures rows$|Ctrl|main, \[|table, |\{min\}|(translate|repeat|rotate|min)\(|landscape$|: tried out$/;

it('keeps every text in the catalogue of its place', () => {
  const loose = texts((file) => !CATALOGUE.test(file)).filter((text) => !STYLE.test(text));
  expect(loose).toEqual([]);
});

it('has no text that nothing says any more', () => {
  const unused = Object.entries(SOURCES)
    .filter(([file]) => CATALOGUE.test(file))
    .flatMap(([file, text]) => {
      const [place, name] = /shared\.ts$/.test(file)
        ? ['../', 'shared']
        : [file.replace(/[^/]*$/, ''), 'texts'];
      const users = Object.entries(SOURCES)
        .filter(([other]) => other.startsWith(place) && other !== file)
        .map(([, source]) => source)
        .join('\n');
      return [...text.matchAll(/^ {2}(\w+):/gm)]
        .map(([, key]) => `${name}.${key}`)
        .filter((use) => !new RegExp(`\\b${use.replace('.', '\\.')}\\b`).test(users))
        .map((use) => `${file}: ${use}`);
    });
  expect(unused).toEqual([]);
});
