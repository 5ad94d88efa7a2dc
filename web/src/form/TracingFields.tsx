import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useSettings } from '../settings/settings';
import type { Foot } from '../wire/types';
import { NumberField } from './NumberField';
import { texts } from './texts';

type Tracing = NonNullable<Foot['tracing']>;

const FIELDS: readonly (readonly [keyof Tracing, string])[] = [
  ['widthMm', texts.acrossTheOutlineAtThe],
  ['tipInMm', texts.innerEdgeToTheLongest],
  ['littleBackMm', texts.littleToeHowFarBack],
];

interface TracingFieldsProps {
  tracing: Tracing | undefined;
  change: (tracing: Tracing | undefined) => void;
  problemAt: (field: string) => string | undefined;
}

/** What the pencil outline says of the front of the foot: all three measures, or none. */
export function TracingFields({ tracing, change, problemAt }: TracingFieldsProps) {
  const { lengths } = useSettings();
  const [typed, setTyped] = useState<Partial<Tracing>>(tracing ?? {});
  const given = tracing ?? typed;
  const some = FIELDS.filter(([field]) => given[field] !== undefined).length;
  const set = (field: keyof Tracing, mm: number | undefined) => {
    const next = { ...given, [field]: mm };
    setTyped(next);
    const { widthMm, tipInMm, littleBackMm } = next;
    const whole = widthMm !== undefined && tipInMm !== undefined && littleBackMm !== undefined;
    change(whole ? { widthMm, tipInMm, littleBackMm } : undefined);
  };
  return (
    <Box role="group" aria-label={texts.theTracedOutline} mt={2}>
      <Flex gap={4} wrap="wrap">
        {FIELDS.map(([field, label]) => (
          <Box key={field} w="13rem">
            <NumberField
              key={lengths}
              label={label}
              kind="length"
              mayBeEmpty
              value={given[field]}
              problem={problemAt(`tracing.${field}`)}
              onChange={(mm) => set(field, mm)}
            />
          </Box>
        ))}
      </Flex>
      {some > 0 && some < FIELDS.length && (
        <Box fontSize="sm" color="quiet" mt={1}>
          {texts.allThreeAreNeededTo}
        </Box>
      )}
    </Box>
  );
}
