import { Decreased, Stitch } from '../fabric/Stitch';
import { Circle, Path } from '../tape/svg';
import { H, Named, W } from './sketchParts';
import { texts } from './texts';

/** From above: how many stitches each round has lost at this edge, and whether it decreases. */
const ROUNDS = [
  [2, false],
  [2, false],
  [2, true],
  [1, false],
  [1, true],
  [0, false],
] as const;
const FROM = 30;

/** The edge of a heel or toe: every round with decreases is one stitch narrower than the one below it. */
export function EdgeOfDecreases() {
  return (
    <>
      {ROUNDS.map(([lost, decrease], row) =>
        Array.from({ length: 7 - lost }, (_, i) => i + lost).map((column, i) =>
          decrease && i < 2 ? null : (
            <Stitch key={`${row} ${column}`} x={FROM + column * W} y={6 + row * H} w={W} h={H} />
          ),
        ),
      )}
      {ROUNDS.map(
        ([lost, decrease], row) =>
          decrease && (
            <Decreased
              key={row}
              edge="left"
              x={FROM + lost * W}
              y={6 + row * H}
              w={W}
              h={H}
              fill="amissGround"
            />
          ),
      )}
      <Circle cx={FROM + 2 * W - 14} cy="16" r="8" fill="none" stroke="ink" strokeWidth="3" />
      <Named x={34} y={36}>
        {texts.last}
      </Named>
      <Path d={`M34 42 L${FROM + 2 * W} 60`} fill="none" stroke="ink" strokeWidth="1.2" />
    </>
  );
}
