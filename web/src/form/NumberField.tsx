import { Field, Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import { useSettings, type Lengths } from '../settings/settings';
import {
  decimal,
  lengthInput,
  lengthUnit,
  parseLength,
  parseNumber,
  type Parsed,
} from '../units/units';
import { SmallButton } from './SmallButton';
import { useRested } from './useRested';
import { texts } from './texts';

/** What kind of number is typed, and how it is shown. */
export type NumberKind = 'length' | 'number' | 'percent' | 'whole';

interface NumberFieldProps {
  label: string;
  kind: NumberKind;
  value: number | undefined;
  /** Unit behind the field; lengths bring their own. */
  unit?: string;
  placeholder?: string;
  problem?: string | undefined;
  autoFocus?: boolean;
  onChange: (value: number | undefined) => void;
  /** Whether an empty field means that nothing is given; otherwise it changes nothing. */
  mayBeEmpty?: boolean;
  /** The usual value in words; makes it possible to go back to it. */
  usual?: string | undefined;
  /** Its place among its neighbours; it is as wide as they leave room. */
  mt?: number;
  mb?: number;
  w?: string;
  /** By which it can be gone to. */
  id?: string;
}

/** A number as it is typed: what is no number changes nothing, and is said once the typing pauses. */
export function NumberField(props: NumberFieldProps) {
  const { label, kind, value, unit, placeholder, problem, autoFocus, usual } = props;
  const { lengths } = useSettings();
  const [typed, setTyped] = useState({ text: shown(value, kind, lengths), value });
  const [unread, setUnread] = useState<string | undefined>();
  // What was typed stands as long as it means the value; a value that changed elsewhere replaces it.
  const text = typed.value === value ? typed.text : shown(value, kind, lengths);
  const change = (next: string) => {
    const parsed = understood(next, kind, lengths);
    const emptied = next.trim() === '';
    setUnread(parsed.ok || emptied ? undefined : parsed.message);
    const meant = parsed.ok ? parsed.value : emptied ? undefined : value;
    setTyped({ text: next, value: emptied && !props.mayBeEmpty ? value : meant });
    if (parsed.ok || (emptied && props.mayBeEmpty)) {
      props.onChange(meant);
    }
  };
  const [rested, leave] = useRested(text);
  const message = rested ? (unread ?? problem) : undefined;
  return (
    <Field.Root
      invalid={message !== undefined}
      mt={props.mt}
      mb={props.mb}
      w={props.w}
      {...(props.id && { ids: { control: props.id } })}
    >
      <Field.Label fontWeight="600">{label}</Field.Label>
      <Flex align="center" gap={2} w="100%">
        <Input
          value={text}
          onChange={(event) => change(event.target.value)}
          onBlur={leave}
          placeholder={placeholder}
          inputMode={kind === 'whole' ? 'numeric' : 'decimal'}
          autoComplete="off"
          autoFocus={autoFocus}
          size="lg"
          w="100%"
          minW="4rem"
          maxW="8.5rem"
          bg="sheet"
          borderColor={message ? 'amiss' : 'quiet'}
          fontVariantNumeric="tabular-nums"
        />
        <span>{kind === 'length' ? lengthUnit(lengths) : unit}</span>
      </Flex>
      {message && (
        <Field.ErrorText color="amiss" fontSize="sm">
          {message}
        </Field.ErrorText>
      )}
      {usual && value !== undefined && (
        <SmallButton mt={1} onClick={() => change('')}>
          {texts.backToTheUsual(usual)}
        </SmallButton>
      )}
    </Field.Root>
  );
}

function shown(value: number | undefined, kind: NumberKind, lengths: Lengths): string {
  if (value === undefined) {
    return '';
  }
  switch (kind) {
    case 'length':
      return lengthInput(value, lengths);
    case 'percent':
      return decimal(value * 100, 2);
    case 'number':
    case 'whole':
      return decimal(value, 3);
  }
}

function understood(text: string, kind: NumberKind, lengths: Lengths): Parsed {
  // A separator that was just typed is no mistake yet.
  const typed = text.replace(/[.,]\s*$/, '');
  if (kind === 'length') {
    return parseLength(typed, lengths);
  }
  const parsed = parseNumber(kind === 'percent' ? typed.replace('%', '') : typed);
  if (!parsed.ok) {
    return parsed;
  }
  if (kind === 'whole' && !Number.isInteger(parsed.value)) {
    return {
      ok: false,
      message: texts.isNotAWholeNumber(text, Math.floor(parsed.value)),
    };
  }
  return kind === 'percent' ? { ok: true, value: parsed.value / 100 } : parsed;
}
