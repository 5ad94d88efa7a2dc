import { Box, Flex, VisuallyHidden } from '@chakra-ui/react';
import { useEffect, useMemo, useRef, useState, type PointerEvent, type RefObject } from 'react';
import type { ColourRound, Plan, StripePlan } from '../wire/types';
import { SmallButton } from '../form/SmallButton';
import { colourOf } from '../tape/colours';
import { useWidth } from '../tape/useWidth';
import { svgOf } from './draw';
import { stitchAt } from './knit';
import { meshOf, roomOf, type Cell, type View } from './mesh';
import { paint, type Laid, type Painting, type Scene } from './paint';
import { Nearness, scaleOf, useLook } from './look';
import { texts } from './texts';

const MARGIN_MM = 6;
const GAP_MM = 16;

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
  const [over, setOver] = useState<Cell | undefined>();
  const canvas = useRef<HTMLCanvasElement>(null);
  const socks = useMemo(() => placed(plan, stripes, view), [plan, stripes, view]);
  const other = plan.madeFrom?.contrast?.colour;
  const whole = room(plan, view, socks.length);
  const height = heightFor(plan, socks.length, width);
  const looking = useLook(whole, socks, width, height);
  const { look, zoom } = looking;
  const painting = usePainting(canvas, { socks, look, width, height }, stripes, other);

  const point = (event: PointerEvent<HTMLCanvasElement>) => {
    if (event.buttons === 1 && zoom > 1) {
      looking.move(-event.movementX / look.perMm, -event.movementY / look.perMm);
      return;
    }
    setOver(cellAt(event, socks, look));
  };
  const saveSvg = () => {
    const large = 6;
    const size = { width: whole.width * large, height: whole.height * large };
    const title = `${name}, ${view === 'side' ? texts.fromTheSide : texts.fromTheSole}`;
    const svg = svgOf(socks, large, size, (band) => colourOf(stripes, band, other), title);
    save(new Blob([svg], { type: 'image/svg+xml' }), name, 'svg');
  };
  const savePng = () => {
    painting.current?.finish();
    canvas.current?.toBlob((blob) => blob && save(blob, name, 'png'));
  };
  return (
    <Box ref={measure} minW={0}>
      <Flex gap={2} wrap="wrap" mb={2} className="no-print">
        <Sides view={view} onView={setView} />
        <Nearness zoom={zoom} closer={looking.closer} />
        <SmallButton onClick={saveSvg}>{texts.saveAsSvg}</SmallButton>
        <SmallButton onClick={savePng}>{texts.saveAsPng}</SmallButton>
      </Flex>
      <canvas
        ref={canvas}
        role="img"
        tabIndex={0}
        aria-label={texts.bothSocksAsTheyWill(view === 'side')}
        data-testid="pair-picture"
        style={{ width: '100%', height, display: 'block', ...(zoom > 1 ? MOVING : STILL) }}
        onKeyDown={looking.press}
        onPointerMove={point}
        onPointerLeave={() => setOver(undefined)}
      />
      <Box fontSize="sm" color="quiet" minH="24px" data-testid="stitch-reading">
        {over ? reading(stripes, over) : texts.firstSockOnTheLeft}
      </Box>
      <InWords stripes={stripes} />
    </Box>
  );
}

/** The colours of both socks, for who does not see them. */
function InWords({ stripes }: { stripes: StripePlan }) {
  return (
    <VisuallyHidden>
      {stripes.socks.map((sock, i) => (
        <p key={i}>{texts.sock(i, inWords(stripes, sock.tube))}</p>
      ))}
    </VisuallyHidden>
  );
}

/** The stitch a pointer is over. */
function cellAt(
  { currentTarget, clientX, clientY }: PointerEvent<HTMLCanvasElement>,
  socks: readonly Laid[],
  look: Scene['look'],
): Cell | undefined {
  const box = currentTarget.getBoundingClientRect();
  const x = (clientX - box.left) / look.perMm + look.x;
  const y = (clientY - box.top) / look.perMm + look.y;
  return socks.map((sock) => stitchAt(sock.mesh, [x - sock.x, y - sock.y])).find(Boolean);
}

/** Keeps the picture painted, and hands out the painting to finish or break off. */
function usePainting(
  canvas: RefObject<HTMLCanvasElement | null>,
  { socks, look: { x, y, perMm }, width, height }: Omit<Scene, 'colourOf'>,
  stripes: StripePlan,
  other: string | undefined,
): RefObject<Painting | undefined> {
  const painting = useRef<Painting>(undefined);
  useEffect(() => {
    const scene = { socks, look: { x, y, perMm }, width, height };
    painting.current =
      canvas.current === null
        ? undefined
        : paint(canvas.current, { ...scene, colourOf: (band) => colourOf(stripes, band, other) });
    return () => painting.current?.cancel();
  }, [canvas, socks, stripes, other, x, y, perMm, width, height]);
  return painting;
}

interface SidesProps {
  view: View;
  onView: (view: View) => void;
}

/** From which side the pair is seen. */
function Sides({ view, onView }: SidesProps) {
  return VIEWS.map(([id, words]) => (
    <SmallButton
      key={id}
      aria-pressed={view === id}
      {...(view === id && { borderColor: 'chosen', bg: 'chosenGround', color: 'chosen' })}
      onClick={() => onView(id)}
    >
      {words}
    </SmallButton>
  ));
}

const STILL = { touchAction: 'pan-y', cursor: 'default' };
const MOVING = { touchAction: 'none', cursor: 'grab' };

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

/** As high for either side, so that nothing below moves when the pair is turned over. */
function heightFor(plan: Plan, socks: number, width: number): number {
  const rooms = VIEWS.map(([each]) => room(plan, each, socks));
  return Math.max(...rooms.map((each) => Math.round(each.height * scaleOf(each, width))));
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
