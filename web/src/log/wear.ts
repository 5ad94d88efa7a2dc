import type { LogNote, Section } from '../wire/types';

/** A place where a pair wears, with the number it has on the picture and in the timeline. */
export interface WornPlace {
  noteId: string;
  number: number;
  section: Section;
  /** On which sock; on both where it is left out. */
  sock: number | undefined;
}

/** Where a pair wears: its notes on that, numbered as they were noted. */
export function wornPlaces(notes: readonly LogNote[]): WornPlace[] {
  return notes
    .flatMap(({ id, kind, section, sock }) =>
      kind === 'WEAR' && section ? [{ noteId: id, section, sock }] : [],
    )
    .map((place, i) => ({ ...place, number: i + 1 }));
}

/** The places of one sock. */
export function placesOf(places: readonly WornPlace[], sock: number): WornPlace[] {
  return places.filter((place) => place.sock === undefined || place.sock === sock);
}
