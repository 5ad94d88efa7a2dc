import type { CutPlan, PutPiece } from '../wire/types';

/** The pieces of a way to cut, as they would be put by hand. */
export function piecesOf(plan: CutPlan): PutPiece[] {
  return plan.along
    .map(({ stretch }) => stretch)
    .filter(({ kind }) => kind.id === 'PIECE')
    .map(({ wish, sock, from, to }) => {
      const pair = plan.pairs.find((each) => each.wish === wish);
      const foot = pair ? pair.piece.value - pair.leg.value : 0;
      return { wish, sock, fromRound: from, legRounds: to - from - foot };
    });
}

/** A cut: the round that is unpicked, and the pieces on either side, by their place among the pieces. */
export interface CutPlace {
  round: number;
  before: number | undefined;
  after: number | undefined;
}

/** The cuts of a plan, from the toes’ end, each with the pieces beside it. */
export function cutsOf({ along }: CutPlan): CutPlace[] {
  const kinds = along.map(({ stretch }) => stretch.kind.id);
  const pieceAt = (index: number) =>
    kinds[index] === 'PIECE'
      ? kinds.slice(0, index).filter((k) => k === 'PIECE').length
      : undefined;
  const beside = (kind: string | undefined) => kind === 'SPARE' || kind === 'GIVEN_UP';
  return along.flatMap(({ stretch }, i) => {
    if (stretch.kind.id !== 'CUT') {
      return [];
    }
    let left = i - 1;
    let right = i + 1;
    while (beside(kinds[left])) {
      left -= 1;
    }
    while (beside(kinds[right])) {
      right += 1;
    }
    return [{ round: stretch.from, before: pieceAt(left), after: pieceAt(right) }];
  });
}

/** The pieces once a cut has been moved by so many rounds: what one neighbour gains the other gives. */
export function moved(pieces: readonly PutPiece[], cut: CutPlace, by: number): PutPiece[] {
  return pieces.map((piece, i) => {
    if (i === cut.before) {
      return { ...piece, legRounds: piece.legRounds + by };
    }
    return i === cut.after
      ? { ...piece, fromRound: piece.fromRound + by, legRounds: piece.legRounds - by }
      : piece;
  });
}

/** A pair whose two legs are not equally long, and the rounds of both. */
export interface UnlikeLegs {
  wish: number;
  longer: number;
  shorter: number;
}

/** The pairs that a cut by hand has left with unequal legs. */
export function unlikeLegs(pieces: readonly PutPiece[]): UnlikeLegs[] {
  return [...new Set(pieces.map(({ wish }) => wish))].flatMap((wish) => {
    const legs = pieces.filter((piece) => piece.wish === wish).map(({ legRounds }) => legRounds);
    const [longer, shorter] = [Math.max(...legs), Math.min(...legs)];
    return longer > shorter ? [{ wish, longer, shorter }] : [];
  });
}

/** The same pieces with both legs of a pair as long as the shorter one, which has room. */
export function madeAlike(pieces: readonly PutPiece[], { wish, shorter }: UnlikeLegs): PutPiece[] {
  return pieces.map((piece) => (piece.wish === wish ? { ...piece, legRounds: shorter } : piece));
}

/** The number of the cut at a place of a plan, from 1. */
export function cutNumber({ along }: CutPlan, index: number): number {
  return along.slice(0, index + 1).filter(({ stretch }) => stretch.kind.id === 'CUT').length;
}
