import { Box, Flex } from '@chakra-ui/react';
import type { Yarn } from '../wire/types';
import { NumberField } from '../form/NumberField';
import { shared } from '../texts/shared';
import { texts } from './texts';

interface LabelFieldsProps {
  yarn: Yarn;
  /** Path of the yarn in the specification. */
  at: 'yarn' | 'contrast';
  change: (part: Partial<Yarn>) => void;
  problemAt: (field: string) => string | undefined;
}

/** What a yarn's label says, and what the scale says of it. */
export function LabelFields({ yarn, at, change, problemAt }: LabelFieldsProps) {
  return (
    <>
      <Flex columnGap={3} wrap="wrap">
        <Box flex="1 1 7.5rem" minW={0}>
          <NumberField
            label={shared.labelSays}
            kind="number"
            unit="m"
            value={yarn.lengthM}
            problem={problemAt(`${at}.lengthM`)}
            onChange={(lengthM) => lengthM !== undefined && change({ lengthM })}
          />
        </Box>
        <Box flex="1 1 7.5rem" minW={0}>
          <NumberField
            label={texts.in}
            kind="number"
            unit="g"
            value={yarn.massG}
            problem={problemAt(`${at}.massG`)}
            onChange={(massG) => massG !== undefined && change({ massG })}
          />
        </Box>
      </Flex>
      <Flex columnGap={3} mt={2} align="flex-start" wrap="wrap">
        <Box flex="1 1 7.5rem" minW={0}>
          <NumberField
            mayBeEmpty
            label={texts.weightYouHaveIfWeighed}
            kind="number"
            unit="g"
            value={yarn.onHandG}
            problem={problemAt(`${at}.onHandG`)}
            onChange={(onHandG) => change({ onHandG })}
          />
        </Box>
        <Box flex="1 1 7.5rem" minW={0}>
          <NumberField
            mayBeEmpty
            label={shared.nylonOrSimilar}
            kind="percent"
            unit="%"
            value={yarn.nylonShare}
            problem={problemAt(`${at}.nylonShare`)}
            onChange={(nylonShare) => change({ nylonShare })}
          />
        </Box>
      </Flex>
    </>
  );
}
