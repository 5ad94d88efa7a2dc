import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { KnitEvent } from '../api/knitEvent';
import { NumberField } from '../form/NumberField';
import { useSettings } from '../settings/settings';
import { ToolButton, ToolFields, ToolProblem, type ToolProps } from './Tool';
import { TriedTable } from './Tried';
import { useTrial } from './useTrial';
import { Press } from '../form/Press';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** A section was, or is to be, made longer or shorter than planned: it is taken as it is, and the rest planned anew. */
export function OffPlan(props: ToolProps) {
  const { lap, sock } = props;
  const { lengths } = useSettings();
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
      <Flex role="group" aria-label={shared.section} gap={2} mt={3} wrap="wrap">
        {stretches.map(({ section: each, title, done, all }) => (
          <Press
            key={each}
            look="framed"
            aria-pressed={each === section}
            minH="48px"
            px={3}
            borderColor={each === section ? 'ink' : 'line'}
            fontWeight={each === section ? '650' : '400'}
            onClick={() => {
              setSection(each);
              setRounds(all);
            }}
          >
            {texts.of(title.charAt(0).toUpperCase(), title.slice(1), done, all)}
          </Press>
        ))}
      </Flex>
      <ToolFields>
        <NumberField
          key={section}
          label={texts.roundsOfThe(chosen.title)}
          kind="whole"
          unit={shared.rounds2}
          lengths={lengths}
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
