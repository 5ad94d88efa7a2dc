import { Box, NativeSelect } from '@chakra-ui/react';

interface PlainSelectProps<V extends string> {
  label: string;
  value: V;
  options: readonly { value: V; text: string }[];
  onChange: (value: V) => void;
}

/** One of a few, by name. */
export function PlainSelect<V extends string>(props: PlainSelectProps<V>) {
  const { label, value, options, onChange } = props;
  return (
    <Box as="label" display="block" fontWeight="600" fontSize="sm">
      {label}
      <NativeSelect.Root size="lg" mt={1}>
        <NativeSelect.Field
          value={value}
          bg="sheet"
          borderColor="quiet"
          fontWeight="400"
          onChange={(event) => {
            const chosen = options.find((option) => option.value === event.target.value);
            if (chosen) {
              onChange(chosen.value);
            }
          }}
        >
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.text}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Box>
  );
}
