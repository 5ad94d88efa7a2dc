import { Box, NativeSelect } from '@chakra-ui/react';
import { useAlmanac } from '../api/queries';

interface SelectProps {
  label: string;
  value: string;
  schools: string;
  none: string;
  onChange: (value: string) => void;
}

/** One of several schools, or none. */
export function Select({ label, value, schools, none, onChange }: SelectProps) {
  const almanac = useAlmanac();
  const prefix = `school.${schools}.`;
  return (
    <Box as="label" display="block" mt={2} fontWeight="600" fontSize="sm">
      {label}
      <NativeSelect.Root size="lg" mt={1}>
        <NativeSelect.Field
          value={value}
          bg="sheet"
          borderColor="quiet"
          fontWeight="400"
          onChange={(event) => onChange(event.target.value)}
        >
          <option value="">{none}</option>
          {(almanac.data ?? [])
            .filter(({ id }) => id.startsWith(prefix))
            .map(({ id, title }) => (
              <option key={id} value={id.slice(prefix.length)}>
                {title}
              </option>
            ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Box>
  );
}
