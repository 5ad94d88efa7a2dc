import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { withChoices, type Draft } from '../draft/draft';
import { LinkButton } from '../form/LinkButton';
import { SmallButton } from '../form/SmallButton';
import { Choice } from '../recipe/Choice';
import { useSettings, type Lengths } from '../settings/settings';
import { Line, Path, Text } from '../tape/svg';
import { figureText, plusMinusText, smallLengthText } from '../units/units';
import type { Figure, Plan, ToeOnFoot as OnFoot, ToeTried } from '../wire/types';
import { openWord } from './words';
import { texts } from './texts';

/** Pixels to a millimetre. */
const SCALE = 4.5;
/** What is drawn of the foot behind its toes, in millimetres. */
const BEHIND = 22;
const EDGE = 6;

interface ToeOnFootProps {
  draft: Draft;
  plan: Plan;
  onChange: (draft: Draft) => void;
  onWorking: (title: string, figures: readonly Figure[]) => void;
}

/** The toes that could be knitted, as they are worn, over the outline of the foot; and which follows it best. */
export function ToeOnFoot({ draft, plan, onChange, onWorking }: ToeOnFootProps) {
  const { lengths } = useSettings();
  const [looked, setLooked] = useState<string | undefined>();
  const laid = plan.toeOnFoot;
  if (!laid) {
    return <NoOutline />;
  }
  const title = titlesOf(plan);
  const [planned, ...others] = laid.tries;
  const best = laid.tries.find(({ school }) => school === laid.closest);
  if (!planned || !best) {
    return null;
  }
  const shown = laid.tries.find(({ school }) => school === (looked ?? laid.closest)) ?? best;
  return (
    <Flex gap={6} wrap="wrap" align="flex-start">
      <Box flex="1 1 20rem" maxW="26rem">
        <Box as="h3" fontSize="md">
          {texts.theToeOnTheFoot}
        </Box>
        <Box mb={2}>{verdictOf(laid, planned, best, title, lengths)}</Box>
        {[planned, ...others].map((tried) => (
          <Choice
            key={tried.school}
            chosen={tried === shown}
            title={`${title(tried.school)}${tried.planned ? texts.asPlanned : ''}`}
            note={texts.offOnAverage(
              off(tried, lengths),
              plusMinusText(tried.off.plusMinus, 'MILLIMETRES', lengths),
            )}
            onChoose={() => setLooked(tried.school)}
          />
        ))}
        <Ways
          onUse={
            shown.planned
              ? undefined
              : () =>
                  onChange(
                    withChoices(draft, { 'toe.school': shown.school, 'toe.phases': undefined }),
                  )
          }
          onWorking={() => onWorking(texts.offTheOutline(title(shown.school)), [shown.off])}
          title={title(shown.school)}
        />
      </Box>
      <Box flex="1 1 20rem" maxW="36rem">
        <Drawing laid={laid} planned={planned} shown={shown} />
        <Box fontSize="sm" color="quiet">
          {texts.wholeLineAsPlannedThe(
            title(planned.school),
            shown === planned,
            title(shown.school),
            figureText(laid.width, lengths),
          )}
        </Box>
      </Box>
    </Flex>
  );
}

interface WaysProps {
  title: string;
  /** Left out where it is the planned one. */
  onUse: (() => void) | undefined;
  onWorking: () => void;
}

/** To take the toe that is shown, and to see how it was compared. */
function Ways({ title, onUse, onWorking }: WaysProps) {
  return (
    <Flex gap={4} wrap="wrap" align="center">
      {onUse && <SmallButton onClick={onUse}>{texts.useThe(title)}</SmallButton>}
      <LinkButton onClick={onWorking} fontSize="sm" minH={{ base: '44px', md: '32px' }}>
        {texts.howItsWorkedOut}
      </LinkButton>
    </Flex>
  );
}

/** What toes are called; one that cannot be taken now is called by its id. */
function titlesOf({ recipe }: Plan): (school: string) => string {
  const schools = recipe.options.find(({ path }) => path === 'toe.school')?.options;
  return (school) => schools?.find(({ id }) => id === school)?.title ?? school;
}

/** Without the outline there is nothing to lay a toe on. */
function NoOutline() {
  return (
    <Box fontSize="sm" color="quiet">
      {texts.typeWhatTheTracedOutline}
      <LinkButton
        onClick={() => openWord('foot-more')}
        fontSize="sm"
        minH={{ base: '44px', md: '32px' }}
      >
        {texts.enterTheOutline}
      </LinkButton>
    </Box>
  );
}

const off = ({ off: figure }: ToeTried, lengths: Lengths): string =>
  smallLengthText(figure.value, lengths);

/** Which toe follows the outline best, as far as the measures can tell. */
function verdictOf(
  laid: OnFoot,
  planned: ToeTried,
  best: ToeTried,
  title: (school: string) => string,
  lengths: Lengths,
): string {
  const others = laid.asClose.filter((school) => school !== planned.school).map(title);
  const also = others.length > 0 ? texts.aboutAsClose(others.join(', ')) : '';
  if (best === planned) {
    return texts.ofTheToesForThis(title(planned.school), off(best, lengths), also);
  }
  const yours = laid.asClose.includes(planned.school)
    ? texts.yourDoesItAboutAs(title(planned.school), off(planned, lengths))
    : texts.yoursTheIsOff(title(planned.school), off(planned, lengths));
  return texts.theFollowsTheOutlineBest(title(best.school), off(best, lengths), yours, also);
}

interface DrawingProps {
  laid: OnFoot;
  planned: ToeTried;
  shown: ToeTried;
}

function Drawing({ laid, planned, shown }: DrawingProps) {
  const deep = laid.foot.at(-1)?.backMm ?? 0;
  const wide = laid.width.value;
  const [w, h] = [deep + BEHIND + 2 * EDGE, wide + 2 * EDGE];
  const at = (back: number, across: number) =>
    `${(back + EDGE).toFixed(2)} ${(across + EDGE).toFixed(2)}`;
  const left = laid.foot.map(({ backMm, leftMm }) => at(backMm, leftMm));
  const right = laid.foot.map(({ backMm, rightMm }) => at(backMm, rightMm));
  const foot = `M${[at(deep + BEHIND, 0), ...left.toReversed(), ...right, at(deep + BEHIND, wide)].join('L')}`;
  const toe = ({ worn }: ToeTried) => {
    const side = (sign: number) =>
      worn.map(({ backMm, widthMm }) => at(backMm, wide / 2 + (sign * widthMm) / 2));
    return `M${[at(deep + BEHIND, 0), ...side(-1).toReversed(), ...side(1), at(deep + BEHIND, wide)].join('L')}`;
  };
  return (
    <svg
      viewBox={`0 0 ${w} ${h}`}
      width={w * SCALE}
      height={h * SCALE}
      style={{ maxWidth: '100%', height: 'auto' }}
      role="img"
      aria-label={texts.theToesAsTheyAre}
      data-testid="toe-on-foot"
    >
      <Path d={foot} fill="fabric" stroke="quiet" strokeWidth="0.6" />
      <Path d={toe(planned)} fill="none" stroke="ink" strokeWidth="0.9" />
      {shown !== planned && (
        <Path d={toe(shown)} fill="none" stroke="chosen" strokeWidth="1.1" strokeDasharray="3 2" />
      )}
      <Line
        x1={w - EDGE - 12}
        x2={w - EDGE - 2}
        y1={h / 2 + 3}
        y2={h / 2 + 3}
        stroke="ink"
        strokeWidth="0.8"
      />
      <Text x={w - EDGE - 7} y={h / 2} fontSize="5" textAnchor="middle" fill="ink">
        {texts.oneCentimetre}
      </Text>
      <Text x={w - EDGE - 2} y={EDGE + 5} fontSize="3.5" textAnchor="end" fill="ink">
        {texts.bigToesSide}
      </Text>
      <Text x={w - EDGE - 2} y={EDGE + wide - 2.5} fontSize="3.5" textAnchor="end" fill="ink">
        {texts.littleToesSide}
      </Text>
    </svg>
  );
}
