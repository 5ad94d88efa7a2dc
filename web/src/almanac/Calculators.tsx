import { Box, Grid } from '@chakra-ui/react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import { NumberField, type NumberKind } from '../form/NumberField';
import { PlainSelect } from '../form/PlainSelect';
import { useSettings } from '../settings/settings';
import { figureText, gaugeSpanMm, gaugeSpanText, plusMinusText, unitWords } from '../units/units';
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
      <Grid gap={4} templateColumns="repeat(auto-fit, minmax(min(100%, 13.5rem), 1fr))">
        {data?.map((each) => (
          <Sheet key={each.id} calculator={each} />
        ))}
      </Grid>
    </Box>
  );
}

function Sheet({ calculator: { id, title, questions, answers } }: { calculator: Calculator }) {
  const [given, setGiven] = useState<readonly number[]>(questions.map(({ usual }) => usual));
  const [touched, setTouched] = useState(false);
  const { data, error } = useQuery({
    enabled: touched,
    queryKey: ['almanac', 'calculator', id, given],
    queryFn: () =>
      api.get('/api/almanac/calculators/{id}', { path: { id }, query: { in: [...given] } }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
  return (
    <Box
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      p={4}
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
          (data ?? answers).map((answer) => <Answered key={answer.label} answer={answer} />)
        )}
      </Box>
    </Box>
  );
}

function Answered({ answer: { label, figure } }: { answer: CalculatorAnswer }) {
  const { lengths } = useSettings();
  const sure = plusMinusText(figure.plusMinus, figure.unit, lengths);
  return (
    <Box>
      <Box as="span" fontSize="sm" color="quiet" display="block">
        {label}
      </Box>
      <strong>
        {`${figureText(figure, lengths)}${sure && ', '}`}
        <Box as="span" whiteSpace="nowrap">
          {sure}
        </Box>
      </strong>
    </Box>
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
