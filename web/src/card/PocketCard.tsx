import './card.css';
import type { Pair, Plan } from '../api/types';
import type { Lengths } from '../settings/settings';
import { figureText } from '../units/units';
import { CardTape } from './CardTape';
import { tens } from './tens';

interface PocketCardProps {
  pair: Pair;
  plan: Plan;
  lengths: Lengths;
}

/** The card itself: one page that goes into the project bag. */
export function PocketCard({ pair, plan, lengths }: PocketCardProps) {
  const { tube, opening, heel, toe, stitchCount, choices, yarn } = plan;
  const half = lengths === 'INCH';
  const page = half ? '5.5in 8.5in' : '105mm 148mm';
  return (
    <article className={half ? 'card half-letter' : 'card'} data-testid="card">
      <style>{`@page { size: ${page}; margin: 0 }`}</style>
      <h2>{pair.name}</h2>
      <div>
        {[
          pair.foot && `for ${pair.foot.name}`,
          pair.yarn?.name,
          `${figureText(yarn.pairGrams, lengths)} for the pair`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </div>
      <CardTape plan={plan} lengths={lengths} />
      <table>
        <tbody>
          <Row
            what="Tube, toe-up, on waste yarn"
            number={figureText(stitchCount.stitches, lengths)}
          />
          <Row
            what={`Waste-yarn line over ${opening.line.value} sole stitches, tape ${figureText(tube.count.length, lengths)}`}
            number={`after ${figureText(tube.footRounds, lengths)}`}
          />
          <Row
            what={`Leg, tape ${figureText(tube.tubeLength, lengths)} in all; then ${figureText(choices.cuff, lengths)} of rib`}
            number={figureText(tube.legRounds, lengths)}
          />
          <Row
            what={`Pick up; count both; ${opening.comesOut.value} waste stitches come out, ${opening.cornerStitches?.value ?? 0} stay at each corner`}
            number={`${opening.below.value} + ${opening.above.value}`}
          />
          <Row
            what={`Heel: ${heel.plainRounds.value} plain, then ${heel.decreaseRounds.value} × (decrease round, plain round); graft tail ${figureText(yarn.heelTail, lengths)}`}
            number={`graft ${heel.closingSide.value} + ${heel.closingSide.value}`}
          />
          <Row
            what={`Toe: ${toe.plainRounds.value} plain, then ${toe.decreaseRounds.value} × (decrease round, plain round); graft tail ${yarn.toeTail ? figureText(yarn.toeTail, lengths) : ''}`}
            number={`graft ${toe.closingSide.value} + ${toe.closingSide.value}`}
          />
        </tbody>
      </table>
      <h3>
        Rounds, ticked by tens
        <span style={{ float: 'right' }} className="boxes">
          <span className="box">
            <i />
            first sock
          </span>
          <span className="box">
            <i />
            second
          </span>
        </span>
      </h3>
      <table>
        <tbody>
          <Ticks name="Foot" rounds={tube.footRounds.value} />
          <Ticks name="Leg" rounds={tube.legRounds.value} />
          <Ticks name="Cuff" rounds={choices.cuff.value} />
          <Ticks name="Heel" rounds={heel.rounds.value} />
          <Ticks name="Toe" rounds={toe.rounds.value} />
        </tbody>
      </table>
      <div style={{ marginTop: '1.4mm' }}>
        Decrease round, each side: K1, SSK, knit to the last 3, K2tog, K1. SSK: slip, slip, knit
        together. K2tog: knit two together.
      </div>
    </article>
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

function Ticks({ name, rounds }: { name: string; rounds: number }) {
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
        </span>
      </td>
    </tr>
  );
}
