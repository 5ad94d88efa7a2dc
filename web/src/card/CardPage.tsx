import { Box, Button, Flex } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useRef, type RefObject } from 'react';
import { useParams } from 'react-router';
import { callForFile, SentFile } from '../api/client';
import { usePair, usePreview } from '../api/queries';
import type { Pair } from '../wire/types';
import { Notice, Waiting } from '../form/States';
import { useSettings } from '../settings/settings';
import { Supplies } from '../plan/Supplies';
import { drawingOf } from './drawing';
import { PocketCard } from './PocketCard';
import { Papers } from './Papers';
import { shared } from '../texts/shared';
import { ofSock, useShownSock } from '../draft/shownSock';
import { WhichSock } from '../plan/WhichSock';
import { texts } from './texts';

/** The card for the project bag: on the screen as it will be printed. */
export function CardPage() {
  const { id = '' } = useParams();
  const pair = usePair(id);
  if (pair.data) {
    return <Card pair={pair.data} />;
  }
  return pair.error ? (
    <Notice title={shared.thisPairCannotBeShown} error={pair.error} />
  ) : (
    <Waiting what={shared.thePair} />
  );
}

function Card({ pair }: { pair: Pair }) {
  const { lengths } = useSettings();
  const { sock } = useShownSock(pair.spec);
  const preview = usePreview(ofSock(pair.spec, sock), sock === 2 ? `${pair.id}/2` : pair.id);
  const card = useRef<HTMLElement>(null);
  const half = lengths === 'INCH';
  const paper = half ? 'half-letter' : 'A6';
  return (
    <Box>
      <title>{texts.pocketCardRoundPocket(pair.name)}</title>
      <Papers id={pair.id} />
      <Flex className="no-print" gap={3} align="center" wrap="wrap" mb={4}>
        <Box as="h1" fontSize="2xl" flex="1 1 16rem">
          {texts.pocketCard(pair.name)}
        </Box>
        <WhichSock spec={pair.spec} />
        <Box color="quiet" fontSize="sm">
          {texts.onePagePrintItTwice(paper, pair.spec.planOn === 'EACH')}
        </Box>
        <Button bg="ink" color="sheet" minH="44px" onClick={() => window.print()}>
          {shared.print}
        </Button>
        <PdfButton name={pair.name} paper={half ? 'HALF_LETTER' : 'A6'} card={card} />
      </Flex>
      {preview.plan ? (
        <Flex wrap="wrap" columnGap={8} align="flex-start">
          <PocketCard ref={card} pair={pair} plan={preview.plan} lengths={lengths} />
          <Box className="no-print" flex="1 1 18rem">
            <Supplies plan={preview.plan} />
          </Box>
        </Flex>
      ) : preview.refused ? (
        <Notice title={shared.noPlanCanBeMade} error={preview.refused} />
      ) : (
        <Waiting what={shared.thePlan} />
      )}
    </Box>
  );
}

interface PdfButtonProps {
  name: string;
  paper: string;
  card: RefObject<HTMLElement | null>;
}

/** The same drawing as a file, from the server. */
function PdfButton({ name, paper, card }: PdfButtonProps) {
  const pdf = useMutation({
    networkMode: 'always',
    mutationFn: (drawing: string) =>
      callForFile('/api/files/card.pdf', new SentFile('application/xhtml+xml', drawing), {
        title: name,
        paper,
      }),
    onSuccess: (file) => save(file, `${name}.pdf`),
  });
  return (
    <>
      <Button
        variant="outline"
        borderColor="ink"
        color="ink"
        minH="44px"
        loading={pdf.isPending}
        onClick={() => card.current && pdf.mutate(drawingOf(card.current))}
      >
        {texts.pdf}
      </Button>
      {pdf.error && (
        <Box role="alert" color="amiss" fontSize="sm">
          {pdf.error.message}
        </Box>
      )}
    </>
  );
}

/** Hands a file to the browser's downloads. */
function save(file: Blob, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
