import type { Plan } from '../wire/types';
import { useSettings } from '../settings/settings';
import { lengthText } from '../units/units';
import { patternRuns } from './PatternMarks';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The drawing in words, for who listens to it. */
export function SectionTable({ plan }: { plan: Plan }) {
  const { lengths } = useSettings();
  return (
    <table>
      <caption>{texts.sectionsOfTheSockAlong}</caption>
      <thead>
        <tr>
          <th scope="col">{shared.section}</th>
          <th scope="col">{shared.rounds}</th>
          <th scope="col">{texts.from2}</th>
          <th scope="col">{texts.to}</th>
        </tr>
      </thead>
      <tbody>
        {plan.outline.spans.map((span) => (
          <tr key={span.section}>
            <th scope="row">{span.section.toLowerCase()}</th>
            <td>{span.toRound - span.fromRound + 1}</td>
            <td>{lengthText(span.fromMm, lengths)}</td>
            <td>{lengthText(span.toMm, lengths)}</td>
          </tr>
        ))}
        {patternRuns(plan).map(({ from, to, onLeg }) => (
          <tr key={from}>
            <th scope="row">{onLeg ? texts.patternOnTheLeg : texts.patternOnTheInstep}</th>
            <td>{to - from}</td>
            <td>{lengthText(from === 0 ? 0 : (plan.axis[from - 1]?.mmFromToe ?? 0), lengths)}</td>
            <td>{lengthText(plan.axis[to - 1]?.mmFromToe ?? 0, lengths)}</td>
          </tr>
        ))}
        <tr>
          <th scope="row">{texts.heelHangingFromItsOpening}</th>
          <td>{plan.heel.worked.length}</td>
          <td>{lengthText(plan.outline.openingMm, lengths)}</td>
          <td>{lengthText(plan.outline.openingMm, lengths)}</td>
        </tr>
      </tbody>
    </table>
  );
}
