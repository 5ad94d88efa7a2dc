import { Box, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { api } from '../api/client';
import { ownHome } from '../api/ownHome';
import {
  allAside,
  allWaiting,
  countHere,
  letGoOf,
  useWaitingChanges,
  type Aside,
  type Kept,
} from '../api/waiting';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import type { LapEvent } from '../wire/types';
import { texts } from './texts';

/** Presses that this home refused, and those that wait for another: said here, and kept until somebody decides. */
export function LaidAside() {
  useWaitingChanges();
  const others = allWaiting().filter(({ home }) => home !== undefined && home !== ownHome());
  return (
    <>
      {allAside().map((aside) => (
        <Refused key={`${aside.home} ${aside.pairId}`} aside={aside} />
      ))}
      {others.map((other) => (
        <OfAnother key={`${other.home} ${other.pairId}`} other={other} />
      ))}
    </>
  );
}

function Refused({ aside }: { aside: Kept<Aside> }) {
  const { all, pairId } = aside;
  return (
    <Banner words={texts.notTaken(all.length, all.at(-1)?.why ?? '')}>
      <Choice onClick={() => save(pairId, all)}>{texts.saveToAFile}</Choice>
      <Choice onClick={() => letGoOf(aside)}>{shared.remove}</Choice>
    </Banner>
  );
}

/** They may be counted here where this home has the pair too, as after a backup was restored on another computer. */
function OfAnother({ other }: { other: Kept<LapEvent> }) {
  const { all, pairId } = other;
  const [problem, setProblem] = useState('');
  const count = async () => {
    try {
      await api.get('/api/laps/{pairId}', { path: { pairId } });
      countHere(other);
    } catch {
      setProblem(texts.thisPairIsNotHere);
    }
  };
  return (
    <Banner words={`${texts.waitForAnother(all.length)} ${problem}`}>
      <Choice onClick={() => void count()}>{texts.countThemHere}</Choice>
      <Choice onClick={() => save(pairId, all)}>{texts.saveToAFile}</Choice>
      <Choice onClick={() => letGoOf(other)}>{shared.remove}</Choice>
    </Banner>
  );
}

function Banner({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Box
      role="status"
      className="no-print"
      bg="amissGround"
      color="amiss"
      px={{ base: 2, md: 6 }}
      py={2}
      borderBottomWidth="1px"
      borderColor="amiss"
      data-testid="laid-aside"
    >
      <p>{words}</p>
      <Flex gap={3} mt={1} wrap="wrap">
        {children}
      </Flex>
    </Box>
  );
}

function Choice({ onClick, children }: { onClick: () => void; children: string }) {
  return (
    <Press look="framed" px={3} borderColor="amiss" onClick={onClick}>
      {children}
    </Press>
  );
}

function save(pairId: string, all: readonly unknown[]): void {
  const url = URL.createObjectURL(
    new Blob([JSON.stringify({ pairId, presses: all }, null, 2)], { type: 'application/json' }),
  );
  const link = document.createElement('a');
  link.href = url;
  link.download = `round-pocket-presses-${pairId}.json`;
  link.click();
  URL.revokeObjectURL(url);
}
