import type { ReactNode } from 'react';
import type { Plan } from '../wire/types';
import { OpeningLine, PocketShape, TubeShape } from './SockShape';
import type { Scale } from './scale';
import { Text } from './svg';
import { shared } from '../texts/shared';

interface SecondSockProps {
  outline: Plan['outline'];
  scale: Scale;
  top: number;
  pocketTop: number;
  /** Its stripes. */
  tube: ReactNode;
  heel: ReactNode;
}

/** The second sock under the first, to the same scale. */
export function SecondSock({ outline, scale, top, pocketTop, tube, heel }: SecondSockProps) {
  return (
    <g>
      <Text x={scale.x(0)} y={top - 6} fontSize="13px" fontWeight="600" fill="ink">
        {shared.secondSock}
      </Text>
      <TubeShape outline={outline} scale={scale} top={top} stripes={tube} />
      <OpeningLine outline={outline} scale={scale} top={top} />
      <PocketShape outline={outline} scale={scale} top={pocketTop} stripes={heel} />
    </g>
  );
}
