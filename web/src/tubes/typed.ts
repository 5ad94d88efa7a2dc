import type { Tube, TubeWish, TubeWrite } from '../wire/types';

/** A tube while it is typed: without its name and what follows from it. */
export type TypedTube = Partial<Omit<TubeWrite, 'name' | 'version'>>;

/** The usual leg that is wished for. */
const LEG_FROM_MM = 100;
const LEG_TO_MM = 140;

/** A tube as it would be written again. */
export function written(tube: Tube): Omit<TubeWrite, 'name' | 'version'> {
  return {
    stitches: tube.stitches,
    rounds: tube.rounds,
    lengthMm: tube.lengthMm,
    massG: tube.massG,
    stitchReading: tube.stitchReading,
    roundReading: tube.roundReading,
    yarnId: tube.yarnId,
    bands: tube.bands,
    startRounds: tube.startRounds,
    toeEndHeld: tube.toeEndHeld,
    cuffEndHeld: tube.cuffEndHeld,
    two: tube.two,
    spareRounds: tube.spareRounds,
    contrastG: tube.contrastG,
    notes: tube.notes,
    wishes: tube.wishes,
  };
}

/** A new wish for somebody. */
export function wishFor(footId: string, ravel: boolean): TubeWish {
  return { footId, legFromMm: LEG_FROM_MM, legToMm: LEG_TO_MM, alike: true, ravel };
}
