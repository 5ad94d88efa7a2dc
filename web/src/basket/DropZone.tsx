import { Box } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useLook } from '../api/homeQueries';
import { api } from '../api/client';
import type { Spec } from '../wire/types';
import { Restoring } from '../home/Restoring';
import { FilePick } from '../form/FilePick';
import { texts } from './texts';

const MOST_IN_NAME = 80;

/** A plan, a pair or a backup is dropped on the basket, or chosen below it. */
export function DropZone({ children }: { children: ReactNode }) {
  const look = useLook();
  const addPlan = useAddPlan();
  const [over, setOver] = useState(false);
  const [said, setSaid] = useState('');
  const take = (file: File) => {
    setSaid('');
    if (/\.zip$/i.test(file.name)) {
      look.mutate(file);
    } else {
      addPlan.mutate(file, { onSuccess: ({ name }) => setSaid(texts.added(name)) });
    }
  };
  const error = look.error ?? addPlan.error;
  return (
    <Box
      outline={over ? '2px dashed' : undefined}
      outlineColor="chosen"
      outlineOffset="6px"
      onDragOver={(event) => {
        if (event.dataTransfer.types.includes('Files')) {
          event.preventDefault();
          setOver(true);
        }
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        setOver(false);
        const [file] = event.dataTransfer.files;
        if (file) {
          event.preventDefault();
          take(file);
        }
      }}
    >
      {children}
      {look.data && (
        <Restoring
          key={look.data.source}
          look={look.data}
          onEnd={(words) => {
            look.reset();
            setSaid(words);
          }}
        />
      )}
      <Box mt={3} fontSize="sm">
        <FilePick
          label={texts.importAPlanAPair}
          accept=".json,.zip,application/json,application/zip"
          onPick={take}
        />
        <Box role="status" color={error ? 'amiss' : 'quiet'}>
          {error?.message ?? said}
        </Box>
      </Box>
    </Box>
  );
}

/** A plan's file becomes a pair that is called as the file is. */
function useAddPlan() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (file: File) => {
      let spec: Spec;
      try {
        // Whatever it is, the server tells what is wrong with it.
        spec = JSON.parse(await file.text()) as Spec;
      } catch {
        throw new Error(texts.isNotAPlan(file.name));
      }
      const name = file.name.replace(/\.json$/i, '').slice(0, MOST_IN_NAME);
      return api.post('/api/pairs', { body: { name, spec } });
    },
    onSuccess: () => client.invalidateQueries(),
  });
}
