import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { CakeState, Lap, Sentence } from '../wire/types';
import { ScaleReading } from '../devices/ScaleReading';
import { Switch } from '../form/Switch';
import { Working } from '../form/Working';
import { NumberField } from '../form/NumberField';
import { useSettings } from '../settings/settings';
import { dayText } from '../units/days';
import { figureText, plusMinusText } from '../units/units';
import { ToolButton, ToolFields, ToolProblem, type ToolProps } from './Tool';
import { TakeBack } from './Notes';
import { useSaid } from '../units/useSaid';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** What is on the scale, and what became of it when it was noted. */
function useWeighing({ lap, sock: shown, queue }: ToolProps) {
  const [sock, setSock] = useState(shown);
  const [grams, setGrams] = useState<number | undefined>();
  const [forBoth, setForBoth] = useState(
    (lap.order !== 'TWO_AT_A_TIME' && lap.weighings.at(-1)?.shared) ?? false,
  );
  const [fresh, setFresh] = useState(false);
  const [role, setRole] = useState<'MAIN' | 'CONTRAST'>('MAIN');
  const [refused, setRefused] = useState<
    { grams: number; said: readonly Sentence[] } | undefined
  >();
  const take = async (sure?: true) => {
    if (grams === undefined) {
      return;
    }
    const contrast = lap.contrast && { role };
    const knitEvent = {
      sock,
      kind: 'WEIGHED',
      grams,
      shared: forBoth,
      fresh,
      ...contrast,
    } as const;
    const { counted, said } = await queue.press({ ...knitEvent, ...(sure && { sure }) });
    setRefused(counted ? undefined : { grams, said });
    if (counted) {
      setGrams(undefined);
      setFresh(false);
    }
  };
  const cake = { role, setRole, sock, setSock, forBoth, setForBoth, fresh, setFresh };
  return { cake, grams, setGrams, refused, take };
}

/** The cake is weighed, by hand or from the scale: what it is good for follows at once. */
export function Weigh(props: ToolProps) {
  const { lap, queue, onClose } = props;
  const say = useSaid();
  const { cake: weighed, grams, setGrams, refused, take } = useWeighing(props);
  return (
    <Box>
      <ToolFields>
        <NumberField
          label={texts.theYarnWeighs}
          kind="number"
          unit="g"
          mayBeEmpty
          value={grams}
          onChange={setGrams}
        />
        <ToolButton disabled={grams === undefined} onPress={() => void take()}>
          {texts.saveWeight}
        </ToolButton>
      </ToolFields>
      <WhichCake lap={lap} {...weighed} />
      <ToolProblem>{refused && say(refused.said)}</ToolProblem>
      {refused?.grams === grams && refused && (
        <ToolButton second onPress={() => void take(true)}>
          {texts.theWeightIsRight}
        </ToolButton>
      )}
      {lap.cakes.map((cake) => (
        <CakeWords
          key={`${cake.role} ${cake.sock}`}
          {...{ lap, sock: weighed.sock, queue, onClose, cake }}
        />
      ))}
      <ScaleReading onTake={setGrams} />
      <WeighedSoFar lap={lap} queue={queue} />
    </Box>
  );
}

type WhichCakeProps = { lap: Lap } & ReturnType<typeof useWeighing>['cake'];

/** Which yarn is on the scale, whose it is, and whether it is a new ball. */
function WhichCake({ lap, ...cake }: WhichCakeProps) {
  const { role, setRole, sock, setSock, forBoth, setForBoth, fresh, setFresh } = cake;
  return (
    <>
      {lap.contrast && (
        <Switch
          labelled
          label={texts.whichYarn}
          value={role}
          options={[
            ['MAIN', called('MAIN', lap), texts.wasWeighed(called('MAIN', lap))],
            ['CONTRAST', called('CONTRAST', lap), texts.wasWeighed(called('CONTRAST', lap))],
          ]}
          onChange={setRole}
        />
      )}
      {lap.order === 'TWO_AT_A_TIME' && (
        <Switch
          labelled
          label={texts.whoseYarn}
          value={sock === 2 ? 'second' : 'first'}
          options={[
            ['first', texts.theFirstSocks, texts.theFirstSocksYarnWas],
            ['second', texts.theSecondSocks, texts.theSecondSocksYarnWas],
          ]}
          onChange={(value) => setSock(value === 'second' ? 2 : 1)}
        />
      )}
      <Switch
        labelled
        label={texts.usedFor}
        value={forBoth ? 'both' : 'one'}
        options={[
          ['one', texts.thisSock, texts.thisSockIsKnittedFrom],
          ['both', texts.bothSocks, texts.bothSocksAreKnittedFrom],
        ]}
        onChange={(value) => setForBoth(value === 'both')}
      />
      {lap.weighings.length > 0 && (
        <Switch
          labelled
          label={texts.itIs}
          value={fresh ? 'new' : 'same'}
          options={[
            ['same', texts.theSameBall, texts.theBallThatWasWeighed],
            ['new', texts.aNewBall, texts.aNewBall],
          ]}
          onChange={(value) => setFresh(value === 'new')}
        />
      )}
    </>
  );
}

function WeighedSoFar({ lap, queue }: Pick<ToolProps, 'lap' | 'queue'>) {
  const weighings = lap.weighings.toReversed();
  if (weighings.length === 0) {
    return null;
  }
  return (
    <Box as="ul" listStyleType="none" mt={3} aria-label={texts.weighedSoFar}>
      {weighings.map((each) => (
        <Flex as="li" key={each.id} gap={3} align="center" borderTopWidth="1px" borderColor="line">
          <Box flex="1" fontSize="sm">
            <strong>{`${each.grams} g`}</strong>
            {` · ${dayText(each.at.slice(0, 10))}, ${
              each.shared ? texts.forBoth : each.sock === 1 ? shared.firstSock : shared.secondSock
            }${each.fresh ? texts.aNewBall2 : ''}${
              each.role === 'CONTRAST' ? `, ${called('CONTRAST', lap)}` : ''
            }`}
          </Box>
          <TakeBack
            what={texts.theWeightOfG(each.grams)}
            onPress={() =>
              void queue.press({ sock: each.sock, kind: 'WITHDRAWN', takenBack: each.id })
            }
          />
        </Flex>
      ))}
    </Box>
  );
}

/** What the latest weight says of the rest, each figure with its working. */
function CakeWords({ lap, sock, queue, onClose, cake }: ToolProps & { cake: CakeState }) {
  const [working, setWorking] = useState<number | undefined>();
  const opened = working === undefined ? undefined : cake.figures[working];
  const { stopAt } = cake;
  return (
    <Box borderWidth="1px" borderColor="line" p={3} mt={2} data-testid="cake">
      {(lap.contrast || lap.cakes.length > 1) && (
        <Box fontSize="sm" color="quiet">
          {cakeName(cake, lap)}
        </Box>
      )}
      <p>
        <strong>{cake.words}</strong>
      </p>
      <CakeFigures figures={cake.figures} onWorking={setWorking} />
      {stopAt !== undefined && (
        <ToolButton
          onPress={() =>
            void queue
              .press({ sock, kind: 'WORKED', section: 'LEG', rounds: stopAt })
              .then(({ counted }) => counted && onClose())
          }
        >
          {texts.makeTheLeg(stopAt)}
        </ToolButton>
      )}
      {opened && (
        <Working
          plan={cake.workings}
          title={opened.label}
          places={[`/figures/${working}/figure`]}
          onClose={() => setWorking(undefined)}
        />
      )}
    </Box>
  );
}

interface CakeFiguresProps {
  figures: CakeState['figures'];
  /** Takes the place of a figure among them. */
  onWorking: (index: number) => void;
}

/** The figures of a cake under one another; each opens its working. */
function CakeFigures({ figures, onWorking }: CakeFiguresProps) {
  const { lengths } = useSettings();
  return (
    <Box
      as="dl"
      display="grid"
      gridTemplateColumns="1fr auto auto"
      alignItems="center"
      columnGap={3}
      mt={2}
    >
      {figures.map(({ label, figure: signed }, i) => {
        // What is short says so in its label.
        const figure = { ...signed, value: Math.abs(signed.value) };
        return (
          <Box key={label} display="contents">
            <dt>{label}</dt>
            <dd style={{ textAlign: 'right' }}>
              <Press
                look="told"
                className="figures"
                aria-label={texts.showHowItsWorkedOut(label, figureText(figure, lengths))}
                minH={{ base: '44px', md: '32px' }}
                fontWeight="650"
                onClick={() => onWorking(i)}
              >
                {figureText(figure, lengths)}
              </Press>
            </dd>
            <Box as="dd" color="quiet" fontSize="sm">
              {plusMinusText(figure.plusMinus, figure.unit, lengths)}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

/** A yarn by its name on the shelf, or else by what it is in this pair. */
function called(role: CakeState['role'], { mainName, contrastName }: Lap): string {
  return role === 'MAIN'
    ? (mainName ?? texts.theMainYarn)
    : (contrastName ?? texts.theContrastYarn);
}

function cakeName({ role, sock }: CakeState, lap: Lap): string {
  const yarn = called(role, lap);
  return sock === 0
    ? `${yarn.charAt(0).toUpperCase()}${yarn.slice(1)}`
    : texts.theSocksYarn(sock, yarn);
}
