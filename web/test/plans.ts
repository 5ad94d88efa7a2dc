import type { Plan } from '../src/wire/types';
import text from './plans.json?raw';

type Golden = 'usual' | 'cuffDown' | 'ready' | 'begun' | 'striped' | 'patterned' | 'shortRows';

/** Plans as the application writes them; its own tests keep the file as it is. Only the usual one has its tape. */
export const plans = JSON.parse(text) as Record<Golden, Plan>;
