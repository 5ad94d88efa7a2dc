import { Box, Flex, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { useReadCsv } from '../api/queries';
import { FilePick } from './FilePick';
import { SmallButton } from './SmallButton';
import { useSaid } from '../units/useSaid';

/** A shelf as a CSV file, out and in; what is wrong with a file is said line by line. */
export function CsvFile({ shelf }: { shelf: 'feet' | 'yarns' | 'tubes' }) {
  const say = useSaid();
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
          minH="44px"
        >
          Export CSV
        </Link>
        <FilePick
          label="Import CSV"
          accept=".csv,text/csv"
          onPick={(file) => {
            void file.text().then((text) => take(file.name, text, false));
          }}
        />
      </Flex>
      <Box role="status" data-testid="csv">
        {read.error && (
          <Box color="amiss">{`${file?.name ?? 'The file'}: ${read.error.message}`}</Box>
        )}
        {read.data && (
          <Box>
            {read.data.taken > 0
              ? `Imported ${read.data.taken} ${read.data.taken === 1 ? 'line' : 'lines'} from ${file?.name}.`
              : `Nothing was imported from ${file?.name}.`}
          </Box>
        )}
        {wrong.length > 0 && (
          <Box color="amiss" maxH="12rem" overflowY="auto" tabIndex={0}>
            {wrong.map(({ line, column, said }, i) => (
              <p key={i}>{`Line ${line}, ${column}: ${say(said)}`}</p>
            ))}
          </Box>
        )}
      </Box>
      {wrong.length > 0 && read.data?.taken === 0 && file && (
        <SmallButton onClick={() => take(file.name, file.text, true)}>
          Import only the valid lines
        </SmallButton>
      )}
    </Box>
  );
}
