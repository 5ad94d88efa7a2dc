import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../api/client';
import type { Verdict } from '../wire/types';

type Values = Readonly<Record<string, string | number | boolean>>;

/** A piece to practise on, named by its values. */
export function usePiece<T>(kind: string, values: Values) {
  return useQuery({
    queryKey: ['practice', kind, values],
    queryFn: () => call<T>('get', `/api/practice/${kind}`, { query: values }),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
}

/** Guesses at a piece: what the last one was worth, and how many were wrong. */
export function useGuesses() {
  const [verdict, setVerdict] = useState<Verdict | undefined>();
  const [wrong, setWrong] = useState(0);
  const guess = async (kind: string, values: Values): Promise<boolean> => {
    try {
      const next = await call<Verdict>('get', `/api/practice/${kind}`, { query: values });
      setVerdict(next);
      setWrong((before) => before + (next.right ? 0 : 1));
      return next.right;
    } catch (error) {
      setVerdict({ right: false, words: error instanceof Error ? error.message : '' });
      return false;
    }
  };
  const reset = () => {
    setVerdict(undefined);
    setWrong(0);
  };
  return { verdict, wrong, guess, reset };
}

/** A number that names a made-up piece. */
export function anySeed(): number {
  return crypto.getRandomValues(new Uint16Array(1))[0] ?? 1;
}
