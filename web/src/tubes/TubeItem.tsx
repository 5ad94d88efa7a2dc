import { Box, Button, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useCutting } from '../api/tubeQueries';
import { ShelfItem } from '../form/ShelfItem';
import { useSettings } from '../settings/settings';
import { useWidth } from '../tape/useWidth';
import { figureText, lengthText, valueText } from '../units/units';
import type { KeptYarn, Tube } from '../wire/types';
import { TubeFields } from './TubeFields';
import { TubeStrip } from './TubeStrip';
import { written, type TypedTube } from './typed';
import { texts } from './texts';

interface TubeItemProps {
  kept: Tube | undefined;
  yarns: readonly KeptYarn[];
  onDone?: () => void;
}

/** A tube: how long it is, how it looks, and what it would make. */
export function TubeItem({ kept, yarns, onDone }: TubeItemProps) {
  const { lengths } = useSettings();
  const span = lengths === 'INCH' ? 101.6 : 100;
  return (
    <ShelfItem<Tube, TypedTube>
      shelf="tubes"
      kept={kept}
      nameLabel={texts.nameOfTheTube}
      value={kept ? written(kept) : {}}
      write={({ stitchReading, roundReading, ...tube }) => ({
        stitches: 0,
        ...tube,
        stitchReading: stitchReading ?? { count: 0, spanMm: span },
        roundReading: roundReading ?? { count: 0, spanMm: span },
      })}
      fields={(tube, change, problemAt) => (
        <TubeFields
          tube={tube}
          yarns={yarns}
          goneYarn={kept?.goneYarn}
          change={change}
          problemAt={problemAt}
        />
      )}
      {...(onDone ? { onDone } : {})}
    >
      {kept && <TubeSummary kept={kept} yarns={yarns} />}
    </ShelfItem>
  );
}

function TubeSummary({ kept, yarns }: { kept: Tube; yarns: readonly KeptYarn[] }) {
  const { lengths } = useSettings();
  const cutting = useCutting(kept).data;
  const [measure, width] = useWidth(700);
  const yarn = yarns.find(({ id }) => id === kept.yarnId);
  const facts = [
    kept.two && texts.twoAlike,
    texts.around(valueText(kept.stitches, 'STITCHES', lengths)),
    cutting &&
      `${figureText(cutting.rounds, lengths)}, ${lengthText(cutting.length.value, lengths)}`,
    cutting?.repeat && texts.stripesRepeatEvery(figureText(cutting.repeat, lengths)),
    yarn?.name ?? (kept.goneYarn && texts.noLongerOnTheShelf(kept.goneYarn)),
  ].filter(Boolean);
  const toCut = kept.wishes.length > 0 ? texts.seeWhereToCut : texts.planTheCuts;
  const uses = cutting?.whole.uses.map(({ title }) => title) ?? [];
  if (kept.usedUp) {
    return <Box color="quiet">{texts.cutUpNothingIsLeft}</Box>;
  }
  return (
    <Box ref={measure}>
      <Box className="figures">{facts.join(' · ')}</Box>
      {cutting && (
        <Box my={2}>
          <TubeStrip cutting={cutting} widthPx={Math.max(200, width - 8)} />
        </Box>
      )}
      {(kept.cuttings.length > 0 || kept.wishes.length === 0) && uses.length > 0 && (
        <Box color="quiet">{texts.enoughFor(listed(uses))}</Box>
      )}
      {kept.notes && (
        <Box maxW="46rem" whiteSpace="pre-line" overflowWrap="anywhere">
          {kept.notes}
        </Box>
      )}
      <Flex mt={2}>
        <Button asChild bg="ink" color="sheet" minH="44px">
          <Link to={`/tubes/${kept.id}`} aria-label={`${toCut}: ${kept.name}`}>
            {toCut}
          </Link>
        </Button>
      </Flex>
    </Box>
  );
}

/** Words in a row: “a, b or c”. */
export function listed(words: readonly string[]): string {
  return words.length < 2
    ? words.join('')
    : texts.or(words.slice(0, -1).join(', '), words.at(-1) ?? '');
}
