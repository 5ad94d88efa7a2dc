import { Box, chakra, Flex } from '@chakra-ui/react';
import { capital } from '../texts/capital';
import type { Lap } from '../wire/types';

interface ChoicesProps<V extends string> {
  /** Of the group, and of the heading that names it. */
  name: string;
  value: V;
  options: readonly { value: V; title: string; description: string; notNow?: string }[];
  onChange: (value: V) => void;
}

/** One of a few, each with what it means, as large as a thumb. */
export function Choices<V extends string>({ name, value, options, onChange }: ChoicesProps<V>) {
  return (
    <Flex direction="column" gap={2} role="radiogroup" aria-labelledby={name}>
      {options.map(({ value: each, title, description, notNow }) => (
        <chakra.label
          key={each}
          display="flex"
          gap={3}
          alignItems="center"
          minH="60px"
          px={3}
          py={2}
          cursor={notNow ? 'default' : 'pointer'}
          borderWidth="1px"
          borderColor={each === value ? 'ink' : 'line'}
          bg={each === value ? 'sheet' : 'transparent'}
        >
          <input
            type="radio"
            name={name}
            value={each}
            checked={each === value}
            disabled={!!notNow}
            onChange={() => onChange(each)}
          />
          <span>
            <strong>{capital(title)}</strong>
            <br />
            <Box as="span" color="quiet">
              {notNow || capital(description)}
            </Box>
          </span>
        </chakra.label>
      ))}
    </Flex>
  );
}

interface OrdersProps {
  lap: Lap;
  name: string;
  value: Lap['order'];
  onChange: (order: Lap['order']) => void;
}

/** The orders in which the two socks can be knitted. */
export function Orders({ lap, ...props }: OrdersProps) {
  return (
    <Choices
      {...props}
      options={lap.orders.map(({ order, ...words }) => ({ value: order, ...words }))}
    />
  );
}
