import { useSearchParams } from 'react-router';
import type { Plan, Spec } from '../wire/types';

export type Sock = 1 | 2;

/** What is asked for so that the plan of one sock comes back. */
export function ofSock(spec: Spec, sock: Sock): Spec {
  return sock === 2 ? { ...spec, questions: { ...spec.questions, sock } } : spec;
}

/** The sock that a plan is of; nothing where both are alike. */
export function sockOf(plan: Plan): Sock | undefined {
  const { planOn, questions } = plan.madeFrom ?? {};
  return planOn === 'EACH' ? (questions?.sock === 2 ? 2 : 1) : undefined;
}

/** Which of two unlike socks is shown; the address says it, so that it can be gone back to. */
export function useShownSock(spec: Spec) {
  const [address, setAddress] = useSearchParams();
  const each = spec.planOn === 'EACH';
  const sock: Sock = each && address.get('sock') === '2' ? 2 : 1;
  const choose = (next: Sock) => {
    setAddress(next === 2 ? { sock: '2' } : {}, { replace: true, preventScrollReset: true });
  };
  return { each, sock, choose };
}
