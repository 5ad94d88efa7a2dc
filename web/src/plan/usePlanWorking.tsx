import { useState } from 'react';
import { placeOf } from '../form/placeOf';
import { useSteady } from '../form/useSteady';
import { PlanWorking } from '../form/Working';
import type { Figure, Plan } from '../wire/types';

/** Opens how figures came about: of the plan that is shown, or of one that answers a question besides. */
export type OnWorking = (title: string, figures: readonly Figure[], of?: Plan) => void;

interface Opened {
  title: string;
  places: readonly string[];
  of: Plan | undefined;
}

/** How a figure of a plan came about, beside the plan once it is asked for. What is drawn may be a breath behind it. */
export function usePlanWorking(plan: Plan, drawn: Plan) {
  const [opened, setOpened] = useState<Opened | undefined>();
  const work: OnWorking = useSteady((title: string, figures: readonly Figure[], of?: Plan) => {
    // A figure is of one plan or of the other, and keeps its place in both.
    const places = figures.map((each) => placeOf(each, of ?? plan) ?? placeOf(each, drawn));
    setOpened({ title, places: places.filter((place) => place !== undefined), of });
  });
  const working = opened && (
    <PlanWorking
      plan={opened.of ?? plan}
      title={opened.title}
      places={opened.places}
      onClose={() => setOpened(undefined)}
    />
  );
  return { work, working };
}
