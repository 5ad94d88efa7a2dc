import { Box, chakra, Flex, Input, Link } from '@chakra-ui/react';
import { useState } from 'react';
import { calendarPath, useSchedule, type Habit } from '../api/lapQueries';
import type { Schedule } from '../wire/types';
import { Working } from '../form/Working';
import { NumberField } from '../form/NumberField';
import { persisted } from '../settings/store';
import { dayText } from '../units/days';
import { decimal, grouped } from '../units/units';
import { ToolFields, ToolProblem, type ToolProps } from './Tool';
import { Press } from '../form/Press';
import { texts } from './texts';

const DAYS = [
  'MONDAY',
  'TUESDAY',
  'WEDNESDAY',
  'THURSDAY',
  'FRIDAY',
  'SATURDAY',
  'SUNDAY',
] as const;
const KEY = 'round-pocket.habit';
const USUAL: Habit = { minutes: 60, days: ['MONDAY', 'WEDNESDAY', 'FRIDAY', 'SUNDAY'] };

const store = persisted(KEY, (kept): Habit => ({ ...USUAL, ...(kept as Partial<Habit>) }));

/** Hours to go by the knitter's own pace, laid into the days of the week; and whether that is in time. */
export function WhenDone({ lap }: ToolProps) {
  const habit = store.use();
  const schedule = useSchedule(lap.pairId, habit);
  const change = (part: Partial<Habit>) => store.set({ ...habit, ...part });
  return (
    <Box>
      <Days days={habit.days} onDays={(days) => change({ days })} />
      <ToolFields>
        <NumberField
          label={texts.atATime}
          kind="whole"
          unit={texts.minutes}
          value={habit.minutes}
          onChange={(minutes) => minutes !== undefined && change({ minutes })}
        />
        <label>
          <Box fontWeight="600" mb="6px">
            {texts.wantedBy}
          </Box>
          <Input
            type="date"
            size="lg"
            bg="sheet"
            borderColor="quiet"
            value={habit.until ?? ''}
            onChange={(event) => change({ until: event.target.value || undefined })}
          />
        </label>
      </ToolFields>
      <ToolProblem>{schedule.error?.message}</ToolProblem>
      {schedule.data && <Laid schedule={schedule.data} />}
      {schedule.data && schedule.data.sittings.length > 0 && (
        <>
          <chakra.label display="flex" gap={2} minH="44px" alignItems="center" cursor="pointer">
            <input
              type="checkbox"
              checked={habit.alarm === true}
              onChange={({ target }) => change({ alarm: target.checked })}
            />
            {texts.remindMeBefore}
          </chakra.label>
          <Link
            href={calendarPath(lap.pairId, habit)}
            download
            color="chosen"
            textDecoration="underline"
            minH="44px"
          >
            {texts.addToCalendar}
          </Link>
        </>
      )}
    </Box>
  );
}

interface DaysProps {
  days: Habit['days'];
  onDays: (days: Habit['days']) => void;
}

/** The days of the week on which she knits. */
function Days({ days, onDays }: DaysProps) {
  return (
    <Flex role="group" aria-label={texts.daysYouKnit} wrap="wrap">
      {DAYS.map((day) => {
        const on = days.includes(day);
        return (
          <Press
            key={day}
            look="tab"
            aria-pressed={on}
            aria-label={day.charAt(0) + day.slice(1).toLowerCase()}
            minW="44px"
            fontWeight={on ? '700' : '400'}
            color={on ? 'ink' : 'quiet'}
            borderColor={on ? 'ink' : 'transparent'}
            onClick={() => onDays(DAYS.filter((each) => (each === day) !== days.includes(each)))}
          >
            {day.charAt(0) + day.slice(1, 2).toLowerCase()}
          </Press>
        );
      })}
    </Flex>
  );
}

function Laid({ schedule }: { schedule: Schedule }) {
  const [working, setWorking] = useState(false);
  const { finish, inTime, spareDays, sittings, parts, hours, measured, stitchesPerHour } = schedule;
  if (!finish) {
    return <p>{texts.nothingIsLeftToKnit}</p>;
  }
  return (
    <Box data-testid="schedule">
      <Box fontSize="xl" fontWeight="650">
        {texts.doneOn(dayText(finish))}
      </Box>
      {inTime !== undefined && spareDays !== undefined && (
        <Box color={inTime ? 'ink' : 'amiss'} fontWeight="600">
          {inTime
            ? texts.inTimeWithToSpare(texts.days(spareDays))
            : texts.tooLateKnitLongerAt(texts.days(-spareDays))}
        </Box>
      )}
      <Box mt={1}>
        <Press look="told" onClick={() => setWorking(true)}>
          {texts.hoursToGo(decimal(hours.value, 1), sittings.length)}
        </Press>
        <Box fontSize="sm" color="quiet">
          {measured
            ? texts.atYourOwnPaceStitches(grouped(stitchesPerHour.value))
            : texts.noRoundsCountedYetAssuming(grouped(stitchesPerHour.value))}
        </Box>
      </Box>
      <Box as="ul" listStyleType="none" mt={2} maxH="14rem" overflowY="auto" tabIndex={0}>
        {parts.map((part, i) => (
          <Flex
            as="li"
            key={i}
            gap={3}
            borderTopWidth="1px"
            borderColor="line"
            fontSize="sm"
            py={1}
          >
            <Box flex="1">{texts.sock2(part.sock, part.title.toLowerCase())}</Box>
            <Box className="figures">{`${decimal(part.hours.value, 1)} h`}</Box>
          </Flex>
        ))}
      </Box>
      {working && (
        <Working
          plan={schedule.workings}
          title={texts.hoursToGo2}
          places={['/hours']}
          onClose={() => setWorking(false)}
        />
      )}
    </Box>
  );
}
