/** The data folder that this page belongs to. What waits here is for it alone, whoever else answers at the same address. */

const HEADER = 'Pocket-Home';
const ID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

let own = idIn(
  typeof document === 'undefined'
    ? undefined
    : document.querySelector<HTMLMetaElement>('meta[name=pocket-home]')?.content,
);

function idIn(text: string | null | undefined): string | undefined {
  return text && ID.test(text) ? text : undefined;
}

/** Its id; nothing before anybody has said it. */
export function ownHome(): string | undefined {
  return own;
}

/** What a request says of whom it is meant for. */
export function meant(): Record<string, string> {
  return own === undefined ? {} : { [HEADER]: own };
}

/** Whether an answer comes from it. The first that says where it comes from is believed, where the page itself did not. */
export function isOwn(answer: Response): boolean {
  const from = idIn(answer.headers.get(HEADER));
  own ??= from;
  return from === own;
}
