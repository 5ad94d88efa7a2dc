import { Box, CloseButton, Drawer, Portal, VisuallyHidden } from '@chakra-ui/react';
import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { useWorkings } from '../api/queries';
import type { Plan, Rule, Step, Workings } from '../wire/types';
import { Notice, Waiting } from './States';
import { useSettings, type Lengths } from '../settings/settings';
import { decimal, plusMinusText, prose, valueText } from '../units/units';
import { useSaid } from '../units/useSaid';
import { formulaText, putIn } from './putIn';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface AskedProps {
  title: string;
  /** Where the figures stand in the answer they are of. */
  places: readonly string[];
  onClose: () => void;
}

/** How a figure of a plan came about, fetched when it is opened. */
export function PlanWorking({ plan, ...props }: AskedProps & { plan: Plan }) {
  return <AskedWorking {...props} workings={useWorkings(plan)} />;
}

/** How a figure came about, once the workings that were asked for are there. */
export function AskedWorking({
  workings: { data, error },
  ...props
}: AskedProps & { workings: Pick<UseQueryResult<Workings>, 'data' | 'error'> }) {
  return (
    <Working {...props} plan={data}>
      {error ? (
        <Notice title={shared.cantShowHowItsWorked} error={error} />
      ) : (
        !data && <Waiting what={shared.theWorking} />
      )}
    </Working>
  );
}

interface WorkingProps extends AskedProps {
  plan: Workings | undefined;
  /** What stands there while there is none. */
  children?: ReactNode;
}

/** How a figure came about: from the answer down to what was measured or chosen. */
export function Working({ plan, title, places, onClose, children }: WorkingProps) {
  const known = places.map((place) => plan?.figures[place]);
  const roots = [...new Set(known.filter((root) => root !== undefined))];
  return (
    <Drawer.Root open placement="end" size="md" onOpenChange={({ open }) => !open && onClose()}>
      <Portal>
        <Drawer.Backdrop bg="rgb(10 16 20 / 35%)" />
        <Drawer.Positioner>
          <Drawer.Content bg="sheet" color="ink" borderLeftWidth="1px" borderColor="line">
            <Drawer.Header pb={2}>
              <Drawer.Title as="h2" fontFamily="heading" fontSize="xl">
                {texts.howIsWorkedOut(title)}
              </Drawer.Title>
            </Drawer.Header>
            <Drawer.Body pb={8} tabIndex={0} role="region" aria-label={texts.howItsWorkedOutStep}>
              {plan && <Steps plan={plan} roots={roots} />}
              {children}
              <Box fontSize="xs" color="quiet" mt={6}>
                {texts.pPublishedSourceCCommon}
              </Box>
            </Drawer.Body>
            <Drawer.CloseTrigger asChild position="absolute" top={2} right={3}>
              <CloseButton aria-label={shared.close} size="lg" />
            </Drawer.CloseTrigger>
          </Drawer.Content>
        </Drawer.Positioner>
      </Portal>
    </Drawer.Root>
  );
}

/** The answer in a sentence or two, and behind it every step. */
function Steps({ plan, roots }: { plan: Workings; roots: readonly number[] }) {
  const short = useInShort(plan, plan.steps[roots[0] ?? -1]);
  return (
    <>
      {short && (
        <Box fontSize="lg" lineHeight="1.4" mb={2} data-testid="in-short">
          {short}
        </Box>
      )}
      <Box as="details" {...(!short && { open: true })}>
        <Box as="summary" cursor="pointer" py={2} fontWeight="650">
          {texts.stepByStep}
        </Box>
        <Box as="ol" listStyleType="none" className="figures">
          {roots.map((root) => (
            <Branch key={root} number={root} plan={plan} shown={new Set()} />
          ))}
        </Box>
      </Box>
    </>
  );
}

/** Values that a sentence names at most. */
const NAMED = 4;

/** Why a figure is what it is: in its own words, or by the values that it is made from. */
function useInShort(plan: Workings, step: Step | undefined): string | undefined {
  const say = useSaid();
  const { lengths } = useSettings();
  if (!step || step.inShort) {
    return step?.inShort && say(step.inShort);
  }
  const from = [...new Set(step.inputs)]
    .map((input) => plan.steps[input])
    .filter((input) => input !== undefined);
  if (from.length === 0) {
    return undefined;
  }
  const words = (each: Step) =>
    texts.oneValue(prose(each.label), valueText(each.value, each.unit, lengths));
  return texts.itComesFrom(
    valueText(step.value, step.unit, lengths),
    from.slice(0, NAMED).map(words),
    from.length - NAMED,
    step.rounded !== undefined,
  );
}

interface BranchProps {
  number: number;
  plan: Workings;
  /** Steps shown before this one, so that a shared one is worked out once. */
  shown: Set<number>;
  /** The name it has in the formula above it. */
  symbol?: string | undefined;
  /** How many steps it stands below the answer. */
  depth?: number;
}

/** Steps that are set in; deeper ones would leave no room for their words, and have a line closer by only. */
const SET_IN = 4;

function Branch({ number, plan, shown, symbol, depth = 0 }: BranchProps) {
  const { lengths } = useSettings();
  const step = plan.steps[number];
  if (!step) {
    return null;
  }
  const again = shown.has(number) && step.inputs.length > 0;
  const orders = ordersOf(step, plan, new Set(shown).add(number));
  return (
    <Box
      as="li"
      mt={3}
      pl={depth < SET_IN ? 3 : '2px'}
      borderLeftWidth="2px"
      borderColor="line"
      overflowWrap="anywhere"
    >
      <Box>
        {symbol && <Box as="span" fontStyle="italic">{`${symbol}: `}</Box>}
        {step.label} = <strong>{valueText(step.value, step.unit, lengths)}</strong>{' '}
        <Box as="span" color="quiet">
          {plusMinusText(step.plusMinus, step.unit, lengths)}
        </Box>
      </Box>
      {again ? (
        <Box fontSize="sm" color="quiet">
          {texts.workedOutAbove}
        </Box>
      ) : (
        <>
          <Origin step={step} plan={plan} lengths={lengths} top={depth === 0} />
          {orders.length > 0 && (
            <Box as="ol" listStyleType="none">
              {orders.map(({ input, before }) => (
                <Branch
                  key={input}
                  number={input}
                  plan={plan}
                  shown={before}
                  symbol={symbolOf(step, input, plan)}
                  depth={depth + 1}
                />
              ))}
            </Box>
          )}
        </>
      )}
    </Box>
  );
}

/** What a step is made from, each with the steps that are shown before it. */
function ordersOf(step: Step, plan: Workings, seen: ReadonlySet<number>) {
  const below = [
    ...new Set([
      ...step.inputs,
      ...(step.computed?.uncertainty === undefined ? [] : [step.computed.uncertainty]),
    ]),
  ];
  return below.map((input, i) => {
    const before = new Set(seen);
    below.slice(0, i).forEach((earlier) => collect(earlier, plan, before));
    return { input, before };
  });
}

/** Adds a step and all that it is made from. */
function collect(number: number, plan: Workings, into: Set<number>): void {
  into.add(number);
  plan.steps[number]?.inputs.forEach((input) => collect(input, plan, into));
}

/** The rule that gave a step. */
function ruleOf(step: Step, plan: Workings): Rule | undefined {
  return plan.rules.find(({ id }) => id === step.computed?.rule);
}

/** The name of an input in the formula, where the formula has one for it. */
function symbolOf(step: Step, input: number, plan: Workings): string | undefined {
  const symbol = ruleOf(step, plan)?.symbols[step.inputs.indexOf(input)];
  return symbol?.endsWith('…') ? undefined : symbol?.replace('_', ' ');
}

interface OriginProps {
  step: Step;
  plan: Workings;
  lengths: Lengths;
  top: boolean;
}

function Origin({ step, plan, lengths, top }: OriginProps) {
  const { given, rounded, spread, strongest, unsurest } = step;
  const rule = ruleOf(step, plan);
  const doubtful = unsurest ? plan.steps[unsurest.step] : undefined;
  const mover = strongest ? plan.steps[strongest.step] : undefined;
  const inputs = step.inputs.map((input) => plan.steps[input]);
  const filled = rule && putIn(rule.formula, rule.symbols, inputs, lengths);
  return (
    <Box fontSize="sm" color="quiet">
      {given && <div>{ORIGINS[given.origin] ?? given.origin}</div>}
      {given?.source && <Source {...given.source} />}
      {rule && (
        <>
          <Box color="ink" fontStyle="italic">
            {`= ${prose(formulaText(rule.formula, lengths).replaceAll('_', ' '))}`}
          </Box>
          {filled && <Box color="ink">{`= ${filled}`}</Box>}
          <Source {...rule.source} />
        </>
      )}
      {rounded && <div>{texts.rounded(rounded.how, prose(rounded.reason))}</div>}
      {spread && <Source {...spread.source} />}
      {top && doubtful && unsurest && (
        <div>{texts.mostOfTheComesFrom(decimal(unsurest.share * 100, 0), doubtful.label)}</div>
      )}
      {top && mover && strongest && (
        <div>
          {texts.mostSensitiveTo1More(mover.label, signed(strongest.changePerCent, step, lengths))}
        </div>
      )}
    </Box>
  );
}

const ORIGINS: Record<string, string> = {
  measured: 'measured',
  chosen: texts.chosenByYou,
  default: texts.theUsualValue,
  constant: texts.aConstant,
  'tried out': texts.beingTriedOut,
};

function signed(change: number, step: Step, lengths: Lengths): string {
  const size = Math.abs(change);
  const text =
    step.unit === 'MILLIMETRES'
      ? plusMinusText(size, step.unit, lengths).replace('± ', '')
      : valueText(size, step.unit, lengths);
  return `${change < 0 ? texts.takesOff : 'adds'} ${text}`;
}

function Source({ mark, meaning, text }: { mark: string; meaning: string; text: string }) {
  return (
    <div>
      <Box
        as="abbr"
        title={meaning}
        borderWidth="1px"
        borderColor="quiet"
        borderRadius="2px"
        px={1}
        mr={1}
        fontSize="xs"
        fontWeight="700"
        textDecoration="none"
      >
        {mark}
      </Box>
      <VisuallyHidden>{`${meaning}: `}</VisuallyHidden>
      {prose(text)}
    </div>
  );
}
