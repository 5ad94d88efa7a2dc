import { useId, useMemo } from 'react';
import type { ColourRound, Outline, StripePlan } from '../wire/types';
import { colourOf, roundMm, stretches, unsureEdges } from './colours';
import type { Hatching } from './Hatch';
import type { Scale } from './scale';

interface StripedProps {
  stripes: StripePlan;
  rounds: readonly ColourRound[];
  outline: Outline;
  scale: Scale;
  /** Pixel of the upper edge of the tube, or of the mouth of the heel cup. */
  top: number;
  /** Colour of what is knitted from another yarn. */
  other: string | undefined;
  /** Patterns over the colours, where they are wanted. */
  hatching: Hatching | undefined;
}

interface Block {
  key: string;
  band: number;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** The colours of toe, foot, leg and cuff, round for round, with the step inside a round. */
export function StripedTube(props: StripedProps) {
  const { rounds, outline, scale, top } = props;
  const height = outline.widthMm * scale.perMm;
  const mm = roundMm(outline, rounds.length);
  const most = Math.max(...rounds.map(({ stitches }) => stitches));
  const blocks = useMemo(
    () =>
      stretches(rounds).flatMap(({ first, last, parts }): Block[] => {
        const wide = ((rounds[first]?.stitches ?? most) / most) * height;
        const beside = (height - wide) / 2;
        return parts.map(({ band, from, to }) => {
          // To the very edge of the tube: what is beyond the shape of the toe is cut off by it.
          const upper = from === 0 ? 0 : beside + from * wide;
          const lower = to === 1 ? height : beside + to * wide;
          return {
            key: `${first} ${from}`,
            band,
            x: scale.x(first * mm),
            y: top + upper,
            width: (last - first + 1) * mm * scale.perMm,
            height: lower - upper,
          };
        });
      }),
    [rounds, scale, top, height, mm, most],
  );
  return (
    <Blocks {...props} blocks={blocks}>
      <Blurs {...props} mm={mm} height={height} />
    </Blocks>
  );
}

/** The colours of the heel cup: rings, laid flat. */
export function StripedPocket(props: StripedProps) {
  const { rounds, outline, scale, top } = props;
  const centre = scale.x(outline.openingMm);
  const depth = (outline.heel.at(-1)?.depthMm ?? 0) * scale.perMm;
  const mouth = (outline.heel[0]?.widthMm ?? 0) * scale.perMm;
  const most = Math.max(...rounds.map(({ stitches }) => stitches));
  const each = depth / rounds.length;
  const blocks = stretches(rounds).flatMap(({ first, last, parts }): Block[] => {
    const wide = ((rounds[first]?.stitches ?? most) / most) * mouth;
    return parts.map(({ band, from, to }) => {
      const left = from === 0 ? -mouth / 2 : from * wide - wide / 2;
      const right = to === 1 ? mouth / 2 : to * wide - wide / 2;
      return {
        key: `${first} ${from}`,
        band,
        x: centre + left,
        y: top + first * each,
        width: right - left,
        height: (last - first + 1) * each,
      };
    });
  });
  return <Blocks {...props} blocks={blocks} />;
}

interface BlocksProps extends StripedProps {
  blocks: readonly Block[];
  children?: React.ReactNode;
}

/** Half a pixel over the edge, so that no gap shows between two blocks. */
const OVERLAP = 0.4;

function Blocks({ blocks, stripes, other, hatching, children }: BlocksProps) {
  return (
    <g data-testid="stripes">
      {blocks.map(({ key, band, x, y, width, height }) => (
        <rect
          key={key}
          x={x}
          y={y}
          width={width + OVERLAP}
          height={height + OVERLAP}
          fill={colourOf(stripes, band, other)}
          data-band={band}
        />
      ))}
      {children}
      {hatching &&
        blocks.map(({ key, band, x, y, width, height }) => {
          const fill = hatching.fill(band);
          return fill && <rect key={key} x={x} y={y} width={width} height={height} fill={fill} />;
        })}
    </g>
  );
}

interface BlursProps extends StripedProps {
  mm: number;
  height: number;
}

/** Where a change of colour is unsure, one colour runs into the other over as much as it may come early or late. */
function Blurs({ rounds, stripes, outline, scale, top, other, mm, height }: BlursProps) {
  const id = useId();
  const straight = outline.spans[0]?.toRound ?? 0;
  return unsureEdges(rounds)
    .filter(({ at }) => at > straight)
    .map(({ at, before, after, unsureRounds, room }) => {
      const half = Math.min(unsureRounds, room / 2) * mm * scale.perMm;
      const name = `blur-${id}-${at}`;
      const x = scale.x(at * mm);
      return (
        <g key={at}>
          <linearGradient id={name}>
            <stop offset="0" stopColor={colourOf(stripes, before, other)} />
            <stop offset="1" stopColor={colourOf(stripes, after, other)} />
          </linearGradient>
          <rect x={x - half} y={top} width={2 * half} height={height} fill={`url(#${name})`} />
        </g>
      );
    });
}
