import { Box, Flex } from '@chakra-ui/react';
import { Line, Path, Rect } from '../tape/svg';
import { texts } from './texts';

/** What comes of it, in three steps, for somebody who has never made a sock so. */
export function WhatItMakes() {
  const steps = [
    { words: texts.aTubeWithNoHeel, drawn: <Tube /> },
    { words: texts.oneRowIsOpened, drawn: <Opened /> },
    { words: texts.heelAndToeKnittedOn, drawn: <Sock /> },
  ];
  return (
    <Flex as="ol" listStyleType="none" gap={{ base: 3, md: 6 }} mb={5} maxW="40rem">
      {steps.map(({ words, drawn }, i) => (
        <Box as="li" key={i} flex="1 1 0" minW={0}>
          <svg viewBox="0 0 150 84" width="100%" style={{ display: 'block' }} aria-hidden>
            {drawn}
          </svg>
          <Box fontSize="sm" lineHeight="1.3" mt={1}>
            <Box as="span" fontWeight="700" aria-hidden>{`${i + 1} `}</Box>
            {words}
          </Box>
        </Box>
      ))}
    </Flex>
  );
}

/** Rib at the cuff’s end of a tube that lies from 6 to 144. */
function Rib() {
  return [122, 127, 132, 137].map((x) => (
    <Line key={x} x1={x} x2={x} y1={25} y2={57} stroke="quiet" strokeWidth="1" />
  ));
}

function Tube() {
  return (
    <g>
      <Rect
        x={6}
        y={24}
        width={138}
        height={34}
        rx={3}
        fill="fabric"
        stroke="ink"
        strokeWidth="1.25"
      />
      <Rib />
    </g>
  );
}

function Opened() {
  return (
    <g>
      <Tube />
      <Path
        d="M44 58 C50 47 68 47 74 58 C68 66 50 66 44 58Z"
        fill="mist"
        stroke="ink"
        strokeWidth="1.25"
      />
    </g>
  );
}

function Sock() {
  return (
    <g>
      <Path
        d="M104 4 L134 4 C135 26 137 36 139 46 C142 62 134 76 118 76 C108 76 100 70 90 70 L28 74 C13 74 7 66 7 58 C7 48 16 43 30 43 L76 41 C92 40 100 32 102 20Z"
        fill="fabric"
        stroke="ink"
        strokeWidth="1.25"
        strokeLinejoin="round"
      />
      <Path
        d="M96 71 C104 55 122 44 139 46 C142 62 134 76 118 76 C109 76 103 73 96 71Z"
        fill="line"
        stroke="ink"
        strokeWidth="1.25"
      />
      <Path
        d="M32 43 C27 53 27 64 31 74 L28 74 C13 74 7 66 7 58 C7 48 16 43 30 43Z"
        fill="line"
        stroke="ink"
        strokeWidth="1.25"
      />
      {[109, 114, 119, 124, 129].map((x) => (
        <Line key={x} x1={x} x2={x} y1={5} y2={15} stroke="quiet" strokeWidth="1" />
      ))}
    </g>
  );
}
