import { Box, Flex, VisuallyHidden } from '@chakra-ui/react';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { ColourRound, Plan, StripePlan } from '../wire/types';
import { SmallButton } from '../form/SmallButton';
import { colourOf } from '../tape/colours';
import { useWidth } from '../tape/useWidth';
import { svgOf } from './draw';
import { stitchAt } from './knit';
import { meshOf, roomOf, type Cell, type View } from './mesh';
import { paint, type Laid, type Painting } from './paint';
import { texts } from './texts';

const MARGIN_MM = 6;
const GAP_MM = 16;
const TALLEST = 460;
const CLOSEST = 16;
const STEP = 1.6;

interface PairPictureProps {
  plan: Plan;
  stripes: StripePlan;
  /** What the pair is called, for the file that is taken away. */
  name: string;
}

/** Both socks as they will look, stitch by stitch, lying on the table. */
export function PairPicture({ plan, stripes, name }: PairPictureProps) {
  const [measure, width] = useWidth(900);
  const [view, setView] = useState<View>('side');
  const [zoom, setZoom] = useState(1);
  const [middle, setMiddle] = useState<readonly [number, number] | undefined>();
  const [over, setOver] = useState<Cell | undefined>();
  const canvas = useRef<HTMLCanvasElement>(null);
  const painting = useRef<Painting>(undefined);
  const socks = useMemo(() => placed(plan, stripes, view), [plan, stripes, view]);
  const other = plan.madeFrom?.contrast?.colour;
  const whole = room(plan, view, socks.length);
  const base = scaleOf(whole, width);
  const perMm = base * zoom;
  // As high for either side, so that nothing below moves when the pair is turned over.
  const height = Math.max(
    ...VIEWS.map(([each]) => room(plan, each, socks.length)).map((each) =>
      Math.round(each.height * scaleOf(each, width)),
    ),
  );
  const first = socks[0];
  const at = middle ?? [first ? first.x + first.mesh.width / 2 : 0, whole.height * 0.6];
  const lookX = zoom === 1 ? -(width / perMm - whole.width) / 2 : at[0] - width / perMm / 2;
  const lookY = zoom === 1 ? -(height / perMm - whole.height) / 2 : at[1] - height / perMm / 2;

  useEffect(() => {
    const look = { x: lookX, y: lookY, perMm };
    const scene = { socks, look, width, height };
    painting.current =
      canvas.current === null
        ? undefined
        : paint(canvas.current, { ...scene, colourOf: (band) => colourOf(stripes, band, other) });
    return () => painting.current?.cancel();
  }, [socks, stripes, other, lookX, lookY, perMm, width, height]);

  const closer = (by: number) => {
    const next = Math.min(CLOSEST, Math.max(1, zoom * by));
    setZoom(next < 1.05 ? 1 : next);
    setMiddle(next < 1.05 ? undefined : at);
  };
  const move = (x: number, y: number) => {
    if (zoom > 1) {
      setMiddle([
        Math.min(whole.width, Math.max(0, at[0] + x)),
        Math.min(whole.height, Math.max(0, at[1] + y)),
      ]);
    }
  };
  const press = (event: KeyboardEvent) => {
    const step = 40 / perMm;
    const action = {
      '+': () => closer(STEP),
      '-': () => closer(1 / STEP),
      ArrowLeft: () => move(-step, 0),
      ArrowRight: () => move(step, 0),
      ArrowUp: () => move(0, -step),
      ArrowDown: () => move(0, step),
    }[event.key];
    if (action && (zoom > 1 || event.key === '+')) {
      event.preventDefault();
      action();
    }
  };
  const drag = (event: PointerEvent<HTMLCanvasElement>) => {
    if (event.buttons === 1 && zoom > 1) {
      move(-event.movementX / perMm, -event.movementY / perMm);
      return;
    }
    const box = event.currentTarget.getBoundingClientRect();
    const x = (event.clientX - box.left) / perMm + lookX;
    const y = (event.clientY - box.top) / perMm + lookY;
    const found = socks.map((sock) => stitchAt(sock.mesh, [x - sock.x, y - sock.y]));
    setOver(found.find(Boolean));
  };
  const title = `${name}, ${view === 'side' ? texts.fromTheSide : texts.fromTheSole}`;
  const svg = () => {
    const large = 6;
    const size = { width: whole.width * large, height: whole.height * large };
    return svgOf(socks, large, size, (band) => colourOf(stripes, band, other), title);
  };
  return (
    <Box ref={measure} minW={0}>
      <Flex gap={2} wrap="wrap" mb={2} className="no-print">
        {VIEWS.map(([id, words]) => (
          <SmallButton
            key={id}
            aria-pressed={view === id}
            {...(view === id && { borderColor: 'chosen', bg: 'chosenGround', color: 'chosen' })}
            onClick={() => setView(id)}
          >
            {words}
          </SmallButton>
        ))}
        <SmallButton onClick={() => closer(STEP)} disabled={zoom >= CLOSEST}>
          {texts.closer}
        </SmallButton>
        <SmallButton onClick={() => closer(1 / STEP)} disabled={zoom === 1}>
          {texts.furtherAway}
        </SmallButton>
        <SmallButton onClick={() => closer(0)} disabled={zoom === 1}>
          {texts.wholePair}
        </SmallButton>
        <SmallButton
          onClick={() => save(new Blob([svg()], { type: 'image/svg+xml' }), name, 'svg')}
        >
          {texts.saveAsSvg}
        </SmallButton>
        <SmallButton
          onClick={() => {
            painting.current?.finish();
            canvas.current?.toBlob((blob) => blob && save(blob, name, 'png'));
          }}
        >
          {texts.saveAsPng}
        </SmallButton>
      </Flex>
      <canvas
        ref={canvas}
        role="img"
        tabIndex={0}
        aria-label={texts.bothSocksAsTheyWill(view === 'side')}
        data-testid="pair-picture"
        style={{
          width: '100%',
          height,
          display: 'block',
          touchAction: zoom > 1 ? 'none' : 'pan-y',
          cursor: zoom > 1 ? 'grab' : 'default',
        }}
        onKeyDown={press}
        onPointerMove={drag}
        onPointerLeave={() => setOver(undefined)}
      />
      <Box fontSize="sm" color="quiet" minH="24px" data-testid="stitch-reading">
        {over ? reading(stripes, over) : texts.firstSockOnTheLeft}
      </Box>
      <VisuallyHidden>
        {stripes.socks.map((sock, i) => (
          <p key={i}>{texts.sock(i, inWords(stripes, sock.tube))}</p>
        ))}
      </VisuallyHidden>
    </Box>
  );
}

const VIEWS = [
  ['side', texts.fromTheSide2],
  ['sole', texts.fromTheSole2],
] as const;

/** Both socks beside each other; from the sole, which is long and low, below each other. */
function placed(plan: Plan, stripes: StripePlan, view: View): Laid[] {
  let x = MARGIN_MM;
  return stripes.socks.map((sock) => {
    const mesh = meshOf(plan, sock, view);
    const here = { mesh, x, y: MARGIN_MM };
    x += mesh.width + GAP_MM;
    return here;
  });
}

function room(plan: Plan, view: View, socks: number): { width: number; height: number } {
  const one = roomOf(plan, view);
  return {
    width: socks * one.width + (socks - 1) * GAP_MM + 2 * MARGIN_MM,
    height: one.height + 2 * MARGIN_MM,
  };
}

function scaleOf(whole: { width: number; height: number }, width: number): number {
  return Math.min(width / whole.width, TALLEST / whole.height);
}

function reading(stripes: StripePlan, cell: Cell): string {
  const name = stripes.bands[cell.band]?.name ?? texts.contrastYarn;
  return texts.roundStitch(name, cell.where, cell.round, cell.stitch);
}

/** The colours from the toe to the cuff, for who does not see them. */
function inWords(stripes: StripePlan, rounds: readonly ColourRound[]): string {
  const runs: { band: number; rounds: number }[] = [];
  for (const { band } of rounds) {
    const last = runs.at(-1);
    if (last?.band === band) {
      last.rounds++;
    } else {
      runs.push({ band, rounds: 1 });
    }
  }
  return runs
    .map(({ band, rounds: all }) => `${stripes.bands[band]?.name ?? texts.contrastYarn} ${all}`)
    .join(', ');
}

function save(blob: Blob, name: string, ending: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = `${name.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.${ending}`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
