/** The pages of docs/guide, the same that a reader of the sources has, by their names. */
const SOURCES = import.meta.glob<string>('../../../docs/guide/*.md', {
  query: '?raw',
  import: 'default',
  eager: true,
});
const PICTURES = import.meta.glob<string>('../../../docs/screenshots/*.png', {
  query: '?url',
  import: 'default',
  eager: true,
});

/** A page of the guide. */
export interface GuidePage {
  /** As it stands in its address. */
  name: string;
  title: string;
  /** Its text, in Markdown. */
  text: string;
}

const NAME = /([^/]+)\.md$/;
const INDEX = 'README';

function pageOf(path: string, text: string): GuidePage {
  return {
    name: NAME.exec(path)?.[1] ?? path,
    title: /^# (.*)$/m.exec(text)?.[1] ?? path,
    text,
  };
}

const ALL = Object.entries(SOURCES).map(([path, text]) => pageOf(path, text));
/** The order in which its first page lists them. */
const ORDER = [
  ...(ALL.find(({ name }) => name === INDEX)?.text ?? '').matchAll(/\((\w+)\.md\)/g),
].map(([, name]) => name);

/** Every page, in the order of its list. */
export const PAGES: readonly GuidePage[] = ALL.filter(({ name }) => name !== INDEX).sort(
  (a, b) => ORDER.indexOf(a.name) - ORDER.indexOf(b.name),
);

/** Where a link of a page leads within the application; nowhere for what is told only beside the sources. */
export function addressOf(href: string): string | undefined {
  const name = NAME.exec(href)?.[1];
  return PAGES.some((page) => page.name === name) ? `/help/${name}` : undefined;
}

/** The picture that a page shows. */
export function pictureOf(src: string): string | undefined {
  const file = src.split('/').at(-1);
  return Object.entries(PICTURES).find(([path]) => path.endsWith(`/${file}`))?.[1];
}
