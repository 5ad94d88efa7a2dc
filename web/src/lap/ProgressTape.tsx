import { Box } from '@chakra-ui/react';
import type { Work } from '../wire/types';
import { Line, Rect } from '../tape/svg';
import { texts } from './texts';

const WIDTH = 1000;
const HEIGHT = 18;

/** The sock as a thin tape in the order of work: what is done filled, the needle where the knitter is. */
export function ProgressTape({ work, position }: { work: Work; position: number }) {
  const x = (at: number) => (at / work.presses) * WIDTH;
  const rounds = work.steps.flatMap((step, i) =>
    step.number > 1
      ? [
          {
            id: step.id,
            title: step.title,
            from: work.starts[i] ?? 0,
            to: (work.starts[i] ?? 0) + step.number,
          },
        ]
      : [],
  );
  return (
    <Box>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        style={{ display: 'block', width: '100%', height: '18px' }}
        role="img"
        aria-label={texts.percentOfThisSockIs(Math.round((position / work.presses) * 100))}
      >
        <Rect width={WIDTH} height={HEIGHT} fill="fabric" />
        <Rect width={x(position)} height={HEIGHT} fill="tape" />
        {rounds.map(({ id, from }) => (
          <Line
            key={id}
            x1={x(from)}
            x2={x(from)}
            y1="0"
            y2={HEIGHT}
            stroke="ink"
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        <Line
          x1={x(position)}
          x2={x(position)}
          y1="0"
          y2={HEIGHT}
          stroke="chosen"
          strokeWidth="3"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
    </Box>
  );
}
