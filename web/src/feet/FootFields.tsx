import { Box, Field, Flex, Input } from '@chakra-ui/react';
import type { Foot } from '../wire/types';
import { NotesField } from '../form/NotesField';
import { NumberField } from '../form/NumberField';
import { WhereToMeasure } from '../tape/WhereToMeasure';
import { TracingFields } from '../form/TracingFields';
import { ToeAndShoe } from '../form/ToeAndShoe';
import { useSettings } from '../settings/settings';
import { today } from '../units/days';
import { LinkButton } from '../form/LinkButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** The feet of one person while they are typed: a ball may still be missing. */
export interface TypedFeet {
  foot: Partial<Foot>;
  otherFoot?: Partial<Foot> | undefined;
  measuredOn: string;
  notes?: string | undefined;
}

interface FootFieldsProps {
  feet: TypedFeet;
  change: (part: Partial<TypedFeet>) => void;
  problemAt: (field: string) => string | undefined;
}

/** Left and right, the day and the notes. */
export function FootFields({ feet, change, problemAt }: FootFieldsProps) {
  const { foot, otherFoot } = feet;
  return (
    <>
      <Box mb={3}>
        <WhereToMeasure />
      </Box>
      <OneFoot
        title={otherFoot ? texts.leftFoot : texts.bothFeetOrTheLeft}
        foot={foot}
        change={(part) => change({ foot: { ...foot, ...part } })}
        problemAt={(field) => problemAt(`foot.${field}`)}
      />
      {otherFoot && (
        <OneFoot
          title={texts.rightFoot}
          foot={otherFoot}
          change={(part) => change({ otherFoot: { ...otherFoot, ...part } })}
          problemAt={(field) => problemAt(`otherFoot.${field}`)}
        />
      )}
      <LinkButton onClick={() => change({ otherFoot: otherFoot ? undefined : { ...foot } })}>
        {otherFoot ? texts.bothFeetAreAlike : texts.theRightFootDiffers}
      </LinkButton>
      <Flex gap={4} wrap="wrap" mt={1}>
        <Field.Root invalid={problemAt('measuredOn') !== undefined} w="12rem">
          <Field.Label fontWeight="600">{texts.measuredOn}</Field.Label>
          <Input
            type="date"
            size="lg"
            bg="sheet"
            borderColor="quiet"
            value={feet.measuredOn}
            onChange={(event) => change({ measuredOn: event.target.value || today() })}
          />
          <Field.ErrorText color="amiss">{problemAt('measuredOn')}</Field.ErrorText>
        </Field.Root>
        <NotesField
          notes={feet.notes}
          problem={problemAt('notes')}
          onChange={(notes) => change({ notes })}
        />
      </Flex>
    </>
  );
}

const LENGTHS: readonly (readonly [
  'lengthMm' | 'ballGirthMm' | 'heelDiagonalMm' | 'legGirthMm',
  string,
])[] = [
  ['lengthMm', shared.longestToeToHeel],
  ['ballGirthMm', shared.aroundTheBall],
  ['heelDiagonalMm', texts.underTheHeelOverThe],
  ['legGirthMm', texts.aroundTheLegAtThe],
];

interface OneFootProps {
  title: string;
  foot: Partial<Foot>;
  change: (part: Partial<Foot>) => void;
  problemAt: (field: string) => string | undefined;
}

function OneFoot({ title, foot, change, problemAt }: OneFootProps) {
  const { lengths } = useSettings();
  return (
    <Box role="group" aria-label={title} mb={2}>
      <Box fontWeight="700" mb={1}>
        {title}
      </Box>
      <Flex gap={4} wrap="wrap">
        {LENGTHS.map(([field, label]) => (
          <Box key={field} w="13rem">
            <NumberField
              key={lengths}
              label={label}
              kind="length"
              mayBeEmpty
              value={foot[field]}
              problem={problemAt(field)}
              onChange={(mm) => change({ [field]: mm })}
            />
          </Box>
        ))}
        <Box w="14rem" mt={-2}>
          <ToeAndShoe foot={foot} change={change} problemAt={problemAt} />
        </Box>
      </Flex>
      <TracingFields
        tracing={foot.tracing}
        change={(tracing) => change({ tracing })}
        problemAt={problemAt}
      />
    </Box>
  );
}
