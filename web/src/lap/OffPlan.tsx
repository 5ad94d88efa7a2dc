import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { KnitEvent } from '../api/knitEvent';
import type { Work } from '../wire/types';
import { NumberField } from '../form/NumberField';
import { ToolButton, ToolFields, ToolProblem, type ToolProps } from './Tool';
import { TriedTable } from './Tried';
import { useTrial } from './useTrial';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** A section was, or is to be, made longer or shorter than planned: it is taken as it is, and the rest planned anew. */
export function OffPlan(props: ToolProps) {
  const { lap, sock } = props;
  const stretches = lap.works[sock - 1]?.stretches ?? [];
  const on = stretches.findLast(({ done }) => done > 0) ?? stretches[0];
  const [section, setSection] = useState(on?.section);
  const chosen = stretches.find((each) => each.section === section);
  const [rounds, setRounds] = useState<number | undefined>(chosen?.all);
  const changed = chosen !== undefined && rounds !== undefined && rounds !== chosen.all;
  const knitEvent: KnitEvent | undefined = changed
    ? { sock, kind: 'WORKED', section: chosen.section, rounds }
    : undefined;
  const { tried, problem, take } = useTrial(props, knitEvent);
  if (!chosen) {
    return <p>{texts.thisTubeIsAlreadyKnitted}</p>;
  }
  return (
    <Box>
      <p>{texts.howManyRoundsDoesIt}</p>
      <Sections
        stretches={stretches}
        chosen={section}
        onChoose={(stretch) => {
          setSection(stretch.section);
          setRounds(stretch.all);
        }}
      />
      <ToolFields>
        <NumberField
          key={section}
          label={texts.roundsOfThe(chosen.title)}
          kind="whole"
          unit={shared.rounds2}
          mayBeEmpty
          value={rounds}
          onChange={setRounds}
        />
        {chosen.done > 0 && chosen.done < chosen.all && (
          <ToolButton second onPress={() => setRounds(chosen.done)}>
            {texts.stopHere(chosen.done)}
          </ToolButton>
        )}
      </ToolFields>
      {tried && <TriedTable tried={tried} sock={sock} />}
      <ToolProblem>{problem}</ToolProblem>
      <ToolButton disabled={!tried} onPress={take}>
        {shared.useThis}
      </ToolButton>
    </Box>
  );
}

type Stretch = Work['stretches'][number];

interface SectionsProps {
  stretches: readonly Stretch[];
  chosen: Stretch['section'] | undefined;
  onChoose: (stretch: Stretch) => void;
}

/** The sections of a tube, each with how far it is. */
function Sections({ stretches, chosen, onChoose }: SectionsProps) {
  return (
    <Flex role="group" aria-label={shared.section} gap={2} mt={3} wrap="wrap">
      {stretches.map((stretch) => (
        <Press
          key={stretch.section}
          look="framed"
          aria-pressed={stretch.section === chosen}
          minH="48px"
          px={3}
          borderColor={stretch.section === chosen ? 'ink' : 'line'}
          fontWeight={stretch.section === chosen ? '650' : '400'}
          onClick={() => onChoose(stretch)}
        >
          {texts.of(
            stretch.title.charAt(0).toUpperCase(),
            stretch.title.slice(1),
            stretch.done,
            stretch.all,
          )}
        </Press>
      ))}
    </Flex>
  );
}
