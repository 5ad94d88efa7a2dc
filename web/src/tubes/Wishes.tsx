import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { useWriteTube } from '../api/tubeQueries';
import { LinkButton } from '../form/LinkButton';
import { NumberField } from '../form/NumberField';
import { PlainSelect } from '../form/PlainSelect';
import { Refused } from '../api/client';
import type { Cutting, KeptFoot, Tube, TubeWish } from '../wire/types';
import { wishFor, written } from './typed';
import { useSaid } from '../units/useSaid';
import { shared } from '../texts/shared';
import { texts } from './texts';

const MOST = 8;
const REST_MS = 500;
const SPARE = ['1', '2', '3'];

interface WishesProps {
  tube: Tube;
  feet: readonly KeptFoot[];
  cutting: Cutting | undefined;
}

/** What was wished last; it is stored once the typing rests. */
function useWishes(tube: Tube) {
  const [wishes, setWishes] = useState<readonly TubeWish[]>(tube.wishes);
  const write = useWriteTube(tube.id);
  const latest = useRef(tube);
  useEffect(() => {
    latest.current = tube;
  }, [tube]);
  const waiting = useRef<number | undefined>(undefined);
  const change = (next: readonly TubeWish[]) => {
    setWishes(next);
    window.clearTimeout(waiting.current);
    waiting.current = window.setTimeout(() => {
      write.mutate(
        () => ({
          ...written(latest.current),
          name: latest.current.name,
          version: latest.current.version,
          wishes: [...next],
        }),
        { onSuccess: (kept) => (latest.current = kept) },
      );
    }, REST_MS);
  };
  return { wishes, change, write };
}

/** Who would like socks from the tube, the first first. What is changed is kept and answered at once. */
export function Wishes({ tube, feet, cutting }: WishesProps) {
  const say = useSaid();
  const { wishes, change, write } = useWishes(tube);
  const refused = write.error instanceof Refused ? write.error : undefined;
  const problemAt = (field: string) =>
    refused?.errors.find((each) => each.field === field)?.message;
  const one = feet[0];
  return (
    <Box as="section" aria-labelledby="wishes-title">
      <Box as="h2" id="wishes-title" fontSize="lg">
        {texts.whoWouldLikeSocksFrom}
      </Box>
      {write.error && (
        <Box role="alert" color="amiss">
          {write.error.message}
        </Box>
      )}
      <Box as="ol" listStyleType="none">
        {wishes.map((wish, i) => (
          <Wish
            key={i}
            number={i}
            wish={wish}
            feet={feet}
            spareRounds={cutting?.spareRounds}
            problem={say(cutting?.wishes[i]?.problems ?? [])}
            problemAt={problemAt}
            onChange={(part) =>
              change(wishes.map((each, j) => (i === j ? { ...each, ...part } : each)))
            }
            onFirst={i > 0 ? () => change([wish, ...wishes.filter((_, j) => j !== i)]) : undefined}
            onRemove={() => change(wishes.filter((_, j) => j !== i))}
          />
        ))}
      </Box>
      {feet.length === 0 && <Box mt={1}>{texts.measureSomebodysFeetFirstOn}</Box>}
      {one && wishes.length < MOST && (
        <LinkButton
          onClick={() =>
            change([...wishes, wishFor(next(feet, wishes), tube.contrastG === undefined)])
          }
        >
          {wishes.length === 0 ? texts.addTheFirstWish : texts.addAWish}
        </LinkButton>
      )}
    </Box>
  );
}

/** The feet of somebody who has no wish yet. */
function next(feet: readonly KeptFoot[], wishes: readonly TubeWish[]): string {
  const free = feet.find(({ id }) => wishes.every(({ footId }) => footId !== id)) ?? feet[0];
  return free?.id ?? '';
}

interface WishProps {
  number: number;
  wish: TubeWish;
  feet: readonly KeptFoot[];
  spareRounds: number | undefined;
  problem: string | undefined;
  problemAt: (field: string) => string | undefined;
  onChange: (part: Partial<TubeWish>) => void;
  onFirst: (() => void) | undefined;
  onRemove: () => void;
}

function Wish(props: WishProps) {
  const { number, wish, feet, spareRounds, problem, problemAt, onChange, onFirst, onRemove } =
    props;
  const at = (field: string) => problemAt(`wishes[${number}].${field}`);
  const whose = feet.find(({ id }) => id === wish.footId)?.name ?? wish.name ?? '';
  // Feet that were deleted stay for the wish, until others are chosen.
  const gone = feet.some(({ id }) => id === wish.footId)
    ? []
    : [{ value: wish.footId, text: texts.noLongerOnTheShelf(whose) }];
  return (
    <Box as="li" py={2} borderBottomWidth="1px" borderColor="line" data-wish={whose}>
      <Flex gap={3} wrap="wrap" align="flex-end">
        <Box w="13rem">
          <PlainSelect
            label={texts.for2(number + 1)}
            value={wish.footId}
            options={[...gone, ...feet.map(({ id, name }) => ({ value: id, text: name }))]}
            onChange={(footId) => onChange({ footId, name: undefined })}
          />
        </Box>
        <LegRange wish={wish} at={at} onChange={onChange} />
        <Box w="15rem">
          <PlainSelect
            label={texts.heelsToesAndCuffsOf}
            value={wish.ravel ? 'own' : 'other'}
            options={[
              { value: 'other', text: texts.anotherCake },
              { value: 'own', text: texts.theTubesOwnYarn },
            ]}
            onChange={(of) => onChange({ ravel: of === 'own' })}
          />
        </Box>
        <Box w="11rem">
          <PlainSelect
            label={texts.spareRoundsAtACut2}
            value={wish.spareRounds?.toString() ?? ''}
            options={[
              { value: '', text: texts.asTheTube(spareRounds ?? 'usual') },
              ...SPARE.map((rounds) => ({ value: rounds, text: rounds })),
            ]}
            onChange={(rounds) => onChange({ spareRounds: rounds ? Number(rounds) : undefined })}
          />
        </Box>
        <chakra.label display="flex" gap={2} minH="44px" alignItems="center" cursor="pointer">
          <input
            type="checkbox"
            checked={wish.alike}
            onChange={(event) => onChange({ alike: event.target.checked })}
          />
          {texts.bothSocksAlike}
        </chakra.label>
        <Order whose={whose} onFirst={onFirst} onRemove={onRemove} />
      </Flex>
      {problem && <Box color="amiss">{problem}</Box>}
    </Box>
  );
}

interface OrderProps extends Pick<WishProps, 'onFirst' | 'onRemove'> {
  whose: string;
}

function Order({ whose, onFirst, onRemove }: OrderProps) {
  return (
    <>
      {' '}
      {onFirst && (
        <LinkButton aria-label={texts.putTheWishForFirst(whose)} onClick={onFirst}>
          {shared.first}
        </LinkButton>
      )}
      <LinkButton aria-label={texts.removeTheWishFor(whose)} onClick={onRemove}>
        {shared.remove}
      </LinkButton>
    </>
  );
}

interface LegRangeProps extends Pick<WishProps, 'wish' | 'onChange'> {
  at: (field: string) => string | undefined;
}

/** How short a leg may be, and how long it is wanted. */
function LegRange({ wish, at, onChange }: LegRangeProps) {
  return (
    <>
      {' '}
      <NumberField
        w="9rem"
        label={texts.legFrom}
        kind="length"
        value={wish.legFromMm}
        problem={at('legFromMm')}
        onChange={(mm) => mm !== undefined && onChange({ legFromMm: mm })}
      />
      <NumberField
        w="9rem"
        label={texts.to3}
        kind="length"
        value={wish.legToMm}
        problem={at('legToMm')}
        onChange={(mm) => mm !== undefined && onChange({ legToMm: mm })}
      />
    </>
  );
}
