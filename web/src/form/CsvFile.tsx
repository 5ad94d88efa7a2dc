import { Box, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { useReadCsv } from '../api/queries';
import { FilePick } from './FilePick';
import { SmallButton } from './SmallButton';
import type { CsvRead } from '../wire/types';
import { useSaid } from '../units/useSaid';
import { texts } from './texts';

/** A shelf as a CSV file, out and in; what is wrong with a file is said line by line. */
export function CsvFile({ shelf }: { shelf: 'feet' | 'yarns' | 'tubes' }) {
  const read = useReadCsv(shelf);
  const [file, setFile] = useState<{ name: string; text: string } | undefined>();
  const take = (name: string, text: string, onlyRight: boolean) => {
    setFile({ name, text });
    read.mutate({ text, onlyRight });
  };
  const wrong = read.data?.wrong ?? [];
  return (
    <Box fontSize="sm" mt={2}>
      <Flex gap={5} align="center" wrap="wrap">
        <Link
          href={`/api/files/${shelf}.csv`}
          download
          color="chosen"
          textDecoration="underline"
          textUnderlineOffset="3px"
          minH="44px"
        >
          {texts.exportCsv}
        </Link>
        <FilePick
          label={texts.importCsv}
          accept=".csv,text/csv"
          onPick={(file) => {
            void file.text().then((text) => take(file.name, text, false));
          }}
        />
      </Flex>
      <Box role="status" data-testid="csv">
        {read.error && (
          <Box color="amiss">{`${file?.name ?? texts.theFile}: ${read.error.message}`}</Box>
        )}
        {read.data && (
          <Box>
            {read.data.taken > 0
              ? texts.importedFrom(read.data.taken, file?.name)
              : texts.nothingWasImportedFrom(file?.name)}
          </Box>
        )}
        {wrong.length > 0 && <WrongLines wrong={wrong} />}
      </Box>
      {wrong.length > 0 && read.data?.taken === 0 && file && (
        <SmallButton onClick={() => take(file.name, file.text, true)}>
          {texts.importOnlyTheValidLines}
        </SmallButton>
      )}
    </Box>
  );
}

function WrongLines({ wrong }: { wrong: CsvRead['wrong'] }) {
  const say = useSaid();
  return (
    <Box
      color="amiss"
      maxH="12rem"
      overflowY="auto"
      tabIndex={0}
      role="region"
      aria-label={texts.wrongLines}
    >
      {wrong.map(({ line, column, said }, i) => (
        <p key={i}>{texts.line(line, column, say(said))}</p>
      ))}
    </Box>
  );
}
