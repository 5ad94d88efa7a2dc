import type { Cutting } from '../wire/types';
import { UNDYED } from '../tape/colours';
import { Rect } from '../tape/svg';
import { texts } from './texts';

/** The tube small, in its colours: the longest of a shelf is as wide as the page, a shorter one is shorter. */
export function TubeStrip({ cutting, widthPx }: { cutting: Cutting; widthPx: number }) {
  const mm = cutting.length.value;
  const perMm = Math.min(0.8, widthPx / mm);
  const perRound = (mm / cutting.rounds.value) * perMm;
  const width = mm * perMm;
  return (
    <svg width={width} height={22} role="img" aria-label={texts.theTubeInItsColours}>
      <TubeColours cutting={cutting} x={(round) => round * perRound} top={0} height={22} />
      <Rect x={0.5} y={0.5} width={width - 1} height={21} fill="none" stroke="ink" />
    </svg>
  );
}

interface TubeColoursProps {
  cutting: Cutting;
  /** Pixel of a place along the tube, in rounds. */
  x: (round: number) => number;
  top: number;
  height: number;
  /** A pattern that stands in for the colour of a band. */
  hatch?: (band: number) => string | undefined;
}

/** The bands along a tube, or undyed wool. */
export function TubeColours({ cutting, x, top, height, hatch }: TubeColoursProps) {
  if (cutting.bands.length === 0) {
    return (
      <rect
        x={x(0)}
        y={top}
        width={x(cutting.rounds.value) - x(0)}
        height={height}
        fill={cutting.colour ?? UNDYED}
      />
    );
  }
  return (
    <g>
      {cutting.bands.map(({ band, fromRound, toRound }) => {
        const place = {
          x: x(fromRound),
          y: top,
          // A hair more, so that no seam shows between two bands.
          width: x(toRound) - x(fromRound) + 0.3,
          height,
        };
        const pattern = hatch?.(band);
        return (
          <g key={fromRound}>
            <rect {...place} fill={cutting.colours[band]?.colour ?? UNDYED} />
            {pattern && <rect {...place} fill={pattern} />}
          </g>
        );
      })}
    </g>
  );
}
