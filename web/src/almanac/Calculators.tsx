import { Box } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { FigurePress } from '../form/FigurePress';
import { NumberField, type NumberKind } from '../form/NumberField';
import { PlainSelect } from '../form/PlainSelect';
import { AskedWorking } from '../form/Working';
import { useSettings } from '../settings/settings';
import { gaugeSpanMm, gaugeSpanText, plusMinusText, unitWords } from '../units/units';
import type { Calculator, CalculatorAnswer, CalculatorQuestion } from '../wire/types';
import { texts } from './texts';

/** The small calculators: one question, one answer, from the same rules as a plan. */
export function Calculators() {
  const { data } = useQuery({
    queryKey: ['almanac', 'calculators'],
    queryFn: () => api.get('/api/almanac/calculators'),
    staleTime: Infinity,
  });
  return (
    <Box>
      <Box as="h2" fontSize="lg" mb={2}>
        {texts.smallCalculators}
      </Box>
      <Box columnWidth="13.5rem" columnGap={4}>
        {data?.map((each) => (
          <Sheet key={each.id} calculator={each} />
        ))}
      </Box>
    </Box>
  );
}

function Sheet({ calculator: { id, title, questions, answers } }: { calculator: Calculator }) {
  const [given, setGiven] = useState<readonly number[]>(questions.map(({ usual }) => usual));
  const [touched, setTouched] = useState(false);
  const [opened, setOpened] = useState<number | undefined>();
  const { data, error } = useAnswers(id, given, touched || opened !== undefined);
  const shown = data ?? answers;
  return (
    <Box
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      p={4}
      mb={4}
      breakInside="avoid"
      display="grid"
      gap={2}
      alignContent="start"
    >
      <Box as="h3" fontSize="md">
        {title}
      </Box>
      {questions.map((question, i) => (
        <Asked
          key={question.label}
          question={question}
          value={given[i] ?? question.usual}
          onChange={(value) => {
            setTouched(true);
            setOpened(undefined);
            setGiven(given.with(i, value));
          }}
        />
      ))}
      <Box role="status" mt={3} minH="3.2em" lineHeight="1.35">
        {error ? (
          <Box color="amiss" fontSize="sm">
            {error.message}
          </Box>
        ) : (
          shown.map((answer, i) => (
            <Answered key={answer.label} answer={answer} onOpen={() => setOpened(i)} />
          ))
        )}
      </Box>
      {opened !== undefined && data?.[opened] && (
        <AnswerWorking
          id={id}
          given={given}
          answer={data[opened]}
          index={opened}
          onClose={() => setOpened(undefined)}
        />
      )}
    </Box>
  );
}

/** What it answers to numbers of one's own; those to the usual ones are there from the beginning. */
function useAnswers(id: Calculator['id'], given: readonly number[], asked: boolean) {
  return useQuery({
    enabled: asked,
    queryKey: ['almanac', 'calculator', id, given],
    queryFn: () =>
      api.get('/api/almanac/calculators/{id}', { path: { id }, query: { in: [...given] } }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

function Answered({ answer, onOpen }: { answer: CalculatorAnswer; onOpen: () => void }) {
  const { lengths } = useSettings();
  const { label, figure } = answer;
  const sure = plusMinusText(figure.plusMinus, figure.unit, lengths);
  return (
    <Box>
      <Box as="span" fontSize="sm" color="quiet" display="block">
        {label}
      </Box>
      <strong>
        <FigurePress figure={figure} title={label} onAsk={onOpen} />
        {sure && ', '}
        <Box as="span" whiteSpace="nowrap">
          {sure}
        </Box>
      </strong>
    </Box>
  );
}

interface AnswerWorkingProps {
  id: Calculator['id'];
  given: readonly number[];
  answer: CalculatorAnswer;
  /** Which of the answers it is. */
  index: number;
  onClose: () => void;
}

function AnswerWorking({ id, given, answer, index, onClose }: AnswerWorkingProps) {
  const workings = useQuery({
    queryKey: ['almanac', 'calculator', id, given, 'workings'],
    queryFn: () =>
      api.get('/api/almanac/calculators/{id}/workings', {
        path: { id },
        query: { in: [...given] },
      }),
    staleTime: Infinity,
    retry: false,
  });
  return (
    <AskedWorking
      workings={workings}
      title={answer.label}
      places={[`/${index}/figure`]}
      onClose={onClose}
    />
  );
}

interface AskedProps {
  question: CalculatorQuestion;
  value: number;
  onChange: (value: number) => void;
}

function Asked({ question, value, onChange }: AskedProps) {
  const { lengths } = useSettings();
  const { label, unit, whole, options } = question;
  if (options.length > 0) {
    return (
      <PlainSelect
        label={label}
        value={String(value)}
        options={options.map((text, i) => ({ value: String(i), text }))}
        onChange={(chosen) => onChange(Number(chosen))}
      />
    );
  }
  const gauge = unit.endsWith('_PER_10CM');
  const perSpan = gauge ? gaugeSpanMm(lengths) / 100 : 1;
  const kind: NumberKind =
    unit === 'MILLIMETRES' ? 'length' : unit === 'PERCENT' ? 'percent' : whole ? 'whole' : 'number';
  return (
    <NumberField
      key={lengths}
      label={gauge ? texts.per(label, gaugeSpanText(lengths)) : label}
      kind={kind}
      // A ball band says metres wherever it is read.
      unit={unit === 'METRES' ? 'm' : unitWords(unit, lengths)[1]}
      value={Math.round(value * perSpan * 1e4) / 1e4}
      onChange={(typed) => typed !== undefined && onChange(typed / perSpan)}
    />
  );
}
