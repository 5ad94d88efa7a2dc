import './card.css';
import type { RefObject } from 'react';
import type { Pair, Plan, ShapingRound } from '../wire/types';
import { handWords } from '../settings/hands';
import { useSettings, type Lengths } from '../settings/settings';
import { entries } from '../tape/figures';
import { figureNumber, figureText } from '../units/units';
import { StripeNote } from './StripeNote';
import { CardTape } from './CardTape';
import { tens } from './tens';
import { sockOf, type Sock } from '../draft/shownSock';
import { capital } from '../texts/capital';
import { PageStyle } from '../form/PageStyle';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface PocketCardProps {
  pair: Pair;
  plan: Plan;
  lengths: Lengths;
  /** Where the card stands, for whoever wants to copy it. */
  ref: RefObject<HTMLElement | null>;
}

/** The card itself: one page that goes into the project bag. */
export function PocketCard({ pair, plan, lengths, ref }: PocketCardProps) {
  const { leg } = handWords(useSettings().hand);
  const half = lengths === 'INCH';
  const sock = sockOf(plan);
  const page = half ? '5.5in 8.5in' : '105mm 148mm';
  return (
    <>
      <PageStyle size={page} margin="0" />
      <article ref={ref} className={half ? 'card half-letter' : 'card'} data-testid="card">
        <h2>{pair.name}</h2>
        <div>
          {[
            pair.foot && texts.for(pair.foot.name),
            pair.yarn?.name,
            sock && capital(sockWords(sock)),
            texts.forThePair(figureText(plan.yarn.pairGrams, lengths)),
          ]
            .filter(Boolean)
            .join(' · ')}
        </div>
        <CardTape plan={plan} lengths={lengths} />
        <table>
          <tbody>
            {entries(plan, lengths)
              .filter(({ id }) => id !== 'yarn')
              .map(({ id, label, note, figures, unit }) => (
                <Row
                  key={id}
                  what={`${label}: ${note}${tailNote(id, plan, lengths)}`}
                  number={`${figures.map((figure) => figureNumber(figure, lengths)).join(' + ')} ${unit}`}
                />
              ))}
          </tbody>
        </table>
        <h3>
          {texts.roundsTickedByTens}
          <span style={{ float: 'right' }} className="boxes">
            {sock ? sockWords(sock) : <WhichBoxes />}
          </span>
        </h3>
        <table>
          <tbody>
            {sections(plan).map(([name, rounds, lost]) => (
              <Ticks key={name} name={name} rounds={rounds} lost={lost} />
            ))}
          </tbody>
        </table>
        <div style={{ marginTop: '1.4mm' }}>
          {texts.pickUpTheLegOf(leg, roundWords(plan), patternWords(plan))}
        </div>
        <StripeNote plan={plan} />
      </article>
    </>
  );
}

/** The tail that closes a heel or a toe, behind its line. */
function tailNote(id: string, { yarn }: Plan, lengths: Lengths): string {
  const tail = id === 'heel' ? yarn.heelTail : id === 'toe' ? yarn.toeTail : undefined;
  return tail ? texts.tail(figureText(tail, lengths)) : '';
}

type TickedSection = readonly [name: string, rounds: number, lost?: number];

/** The sections in the order of the work, with their rounds; behind the first of foot and leg the round that is unpicked. */
function sections({ tube, cuff, toe, heel }: Plan): readonly TickedSection[] {
  const down = tube.way.id === 'CUFF_DOWN';
  const lost = tube.rounds.sacrificed.value;
  const foot = [shared.foot, tube.rounds.foot.value, down ? 0 : lost] as const;
  const leg = [shared.leg, tube.rounds.leg.value, down ? lost : 0] as const;
  const ribbing = [shared.cuff, cuff.rounds.value] as const;
  // In short rows there are more rows to tick than rounds of depth.
  const cup = [shared.heel, heel.worked.length] as const;
  const toes = [shared.toe, toe.worked.length] as const;
  switch (tube.way.id) {
    case 'TOE_UP':
      return toe.shaping.begun ? [toes, foot, leg, ribbing, cup] : [foot, leg, ribbing, cup, toes];
    case 'CUFF_DOWN':
      return [ribbing, leg, foot, cup, toes];
    case 'READY_TUBE':
      return [ribbing, cup, toes];
  }
}

/** The round at the corners and the first shaped ones, spelled out, and the abbreviations. */
function roundWords({ heel, toe }: Plan): string {
  const firstOf = (rounds: readonly ShapingRound[]) =>
    rounds.find(({ round: { kind } }) => kind !== 'PLAIN' && kind !== 'CORNERS')?.round;
  const shaped = (rounds: readonly ShapingRound[]) => firstOf(rounds)?.instruction;
  const first = (name: string, rounds: readonly ShapingRound[]) => {
    const round = firstOf(rounds);
    const which = round?.kind === 'SHORT_ROW' ? texts.firstShortRow : texts.firstShapedRoundOnEach;
    return round ? [`${name}, ${which}: ${round.instruction}.`] : [];
  };
  const corners = heel.worked.find(({ round }) => round.kind === 'CORNERS')?.round;
  return [
    ...(corners ? [texts.heelRound(corners.number, corners.instruction)] : []),
    ...first(shared.heel, heel.worked),
    ...(shaped(toe.worked) === shaped(heel.worked) ? [] : first(shared.toe, toe.worked)),
    texts.k1KnitOneSskSlip,
  ].join(' ');
}

/** What of a repeat goes on a card, in characters. */
const SHORT = 120;

/** The repeat, written out where it is short enough. */
function patternWords({ pattern, recipe }: Plan): string {
  if (!pattern) {
    return '';
  }
  const { width, height, chart } = pattern.made;
  const where = recipe.options.find(({ path }) => path === 'pattern.place')?.phrase ?? '';
  const rows = (chart?.rows ?? []).map(({ words }, i) => `${i + 1}: ${words}`).join('; ');
  const repeat =
    rows && rows.length <= SHORT ? texts.round(rows) : texts.stsRounds(width.value, height.value);
  return texts.knitted(where, repeat);
}

const sockWords = (sock: Sock) => (sock === 2 ? shared.secondSock : shared.firstSock);

/** Where the two socks are alike, a box for either. */
function WhichBoxes() {
  return (
    <>
      <span className="box">
        <i />
        {shared.firstSock}
      </span>
      <span className="box">
        <i />
        {texts.second}
      </span>
    </>
  );
}

function Row({ what, number }: { what: string; number: string }) {
  return (
    <tr>
      <td>{what}</td>
      <td className="number">{number}</td>
    </tr>
  );
}

function Ticks({
  name,
  rounds,
  lost = 0,
}: {
  name: string;
  rounds: number;
  lost?: number | undefined;
}) {
  return (
    <tr>
      <th scope="row" style={{ width: '5.6em' }}>
        {`${name} ${rounds}`}
      </th>
      <td>
        <span className="boxes">
          {tens(rounds).map((upTo) => (
            <span className="box" key={upTo}>
              <i />
              {upTo}
            </span>
          ))}
          {lost > 0 && (
            <span className="box">
              <i />
              {texts.lostRound}
            </span>
          )}
        </span>
      </td>
    </tr>
  );
}
