import type { Outline } from '../wire/types';
import type { Lengths } from '../settings/settings';
import { LengthTicks } from './Measure';
import { scaleFor } from './scale';
import { OpeningLine, PocketShape, TubeShape } from './SockShape';
import { Rect, Text } from './svg';
import { texts } from './texts';

const WIDTH = 760;
const MARGIN = 14;
const TAPE = 26;
const NAME = 18;
const GAP = 8;

interface TwoSocksProps {
  held: Outline;
  now: Outline;
  colour?: string | undefined;
  lengths: Lengths;
}

/** Two variants of a sock on one tape: the held one above it, the present one below. */
export function TwoSocks({ held, now, colour, lengths }: TwoSocksProps) {
  const longest = held.lengthMm > now.lengthMm ? held : now;
  const scale = scaleFor(longest, WIDTH, MARGIN);
  const depth = (outline: Outline) => (outline.heel.at(-1)?.depthMm ?? 0) * scale.perMm;
  const tall = (outline: Outline) => outline.widthMm * scale.perMm;
  const heldTop = NAME;
  const heldPocket = heldTop + tall(held) + GAP;
  const tapeTop = heldPocket + depth(held) + GAP;
  const nowTop = tapeTop + TAPE + NAME + GAP;
  const nowPocket = nowTop + tall(now) + GAP;
  const height = nowPocket + depth(now) + GAP;
  const both = [
    ['pinned', held, heldTop, heldPocket],
    ['now', now, nowTop, nowPocket],
  ] as const;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      width="100%"
      style={{ display: 'block' }}
      role="img"
      aria-label={texts.thePinnedSockAboveThe}
    >
      <Rect
        x={scale.x(0) - 6}
        y={tapeTop}
        width={longest.lengthMm * scale.perMm + 12}
        height={TAPE}
        fill="tape"
      />
      <LengthTicks lengthMm={longest.lengthMm} scale={scale} top={tapeTop} lengths={lengths} />
      {both.map(([name, outline, top, pocket]) => {
        const shape = colour ? { outline, scale, colour } : { outline, scale };
        return (
          <g key={name}>
            <Text x={scale.x(0)} y={top - 5} fontSize="13px" fontWeight="600" fill="ink">
              {name}
            </Text>
            <TubeShape {...shape} top={top} />
            <OpeningLine {...shape} top={top} />
            <PocketShape {...shape} top={pocket} />
          </g>
        );
      })}
    </svg>
  );
}
