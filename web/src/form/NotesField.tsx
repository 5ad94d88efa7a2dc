import { Field, Textarea } from '@chakra-ui/react';
import { shared } from '../texts/shared';

interface NotesFieldProps {
  notes: string | undefined;
  problem: string | undefined;
  onChange: (notes: string) => void;
}

/** Whatever else is to be remembered. */
export function NotesField({ notes, problem, onChange }: NotesFieldProps) {
  return (
    <Field.Root invalid={problem !== undefined} flex="1 1 20rem" maxW="38rem">
      <Field.Label fontWeight="600">{shared.notes}</Field.Label>
      <Textarea
        rows={2}
        maxLength={2000}
        bg="sheet"
        borderColor="quiet"
        value={notes ?? ''}
        onChange={(event) => onChange(event.target.value)}
      />
      <Field.ErrorText color="amiss">{problem}</Field.ErrorText>
    </Field.Root>
  );
}
