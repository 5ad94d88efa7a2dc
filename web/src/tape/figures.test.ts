import { expect, it } from 'vitest';
import { plans } from '../../test/plans';
import type { Plan } from '../wire/types';
import { entries } from './figures';

const told = (plan: Plan, id: string) => entries(plan, 'CM').find((entry) => entry.id === id);

it.each([
  ['usual', ['stitches', 'opening', 'leg', 'cuff', 'pick-up', 'heel', 'toe', 'yarn']],
  ['begun', ['toe', 'stitches', 'opening', 'leg', 'cuff', 'pick-up', 'heel', 'yarn']],
  ['cuffDown', ['stitches', 'cuff', 'opening', 'leg', 'pick-up', 'heel', 'toe', 'yarn']],
  ['ready', ['stitches', 'cuff', 'opening', 'leg', 'pick-up', 'heel', 'toe', 'yarn']],
] as const)('%s: %s is told in the order of its work', (name, order) => {
  expect(entries(plans[name], 'CM').map(({ id }) => id)).toEqual(order);
});

it.each([
  [
    'usual',
    'opening',
    '14.9 cm ± 6 mm from the start of the tube, where the toe ends; 6 markers, one every 10 rounds',
  ],
  ['usual', 'pick-up', '32 waste-yarn sts come out, 68 sts with the corners'],
  [
    'usual',
    'heel',
    '6 plain rounds (corner sts decreased in round 1), then decrease every 2nd round 8 times; graft 16 + 16 sts',
  ],
  ['usual', 'yarn', '10 g short'],
  ['usual', 'leg', 'the tube then has 103 rounds, 24.0 cm ± 10 mm'],
  ['ready', 'pick-up', 'snip st 16; 28 sts come out, 2 stay at each corner'],
  ['ready', 'yarn', '30.3 g ± 3.8 g left over: plenty'],
  [
    'begun',
    'leg',
    'the tube then has 104 rounds, 24.2 cm ± 10 mm; one round of it is unpicked at the heel line',
  ],
  ['begun', 'toe', '4 plain rounds, then increase every 2nd round 8 times; cast on 16 + 16 sts'],
  [
    'begun',
    'heel',
    '17 plain rounds (corner sts decreased in round 1), then decrease every 3rd round once, then every round twice; graft 26 + 26 sts',
  ],
  ['shortRows', 'heel', '44 short rows, 5.3 cm deep; graft 32 + 32 sts'],
  ['usual', 'stitches', '10.6 % smaller than the foot'],
  ['cuffDown', 'stitches', '6.1 % larger than the foot'],
] as const)('%s, %s: %s', (name, id, note) => {
  expect(told(plans[name], id)?.note).toBe(note);
});

it('top-down, what is knitted to the heel line is told without the cuff that was told before it', () => {
  expect(told(plans.cuffDown, 'opening')?.figures[0]?.value).toBe(39);
  expect(told(plans.cuffDown, 'cuff')?.figures[0]?.value).toBe(15);
  expect(plans.cuffDown.tube.heelLine.count.rounds.value).toBe(39 + 15);
});

it('yarn that was not weighed is told in metres', () => {
  const { yarn } = plans.usual;
  const roles = yarn.roles.map((role) => ({ ...role, left: undefined }));
  const plan: Plan = { ...plans.usual, yarn: { ...yarn, roles } };
  expect(told(plan, 'yarn')?.note).toMatch(/^2\d\d m$/);
});
