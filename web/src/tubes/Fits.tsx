import { Box } from '@chakra-ui/react';
import { useFits } from '../api/tubeQueries';
import { useSettings } from '../settings/settings';
import { figureText } from '../units/units';
import type { Tube } from '../wire/types';
import { useSaid } from '../units/useSaid';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** Whom on the shelf of feet the tube fits, and how. */
export function Fits({ tube }: { tube: Tube }) {
  const say = useSaid();
  const fits = useFits(tube).data;
  const { lengths } = useSettings();
  if (!fits || fits.length === 0) {
    return null;
  }
  return (
    <Box as="section" aria-labelledby="fits-title" mt={8}>
      <Box as="h2" id="fits-title" fontSize="lg">
        {texts.whomItFits}
      </Box>
      <Box color="quiet" fontSize="sm">
        {tube.two ? texts.withEachTubeUsedWhole : texts.withTheWholeTubeCut}
      </Box>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label={texts.feetOneARow}>
        <Box as="table" className="figures rows" maxW="56rem" w="100%" mt={1}>
          <thead>
            <tr>
              {[shared.feet, texts.negativeEaseAtTheBall, texts.overTheHeel, texts.legItLeaves].map(
                (head) => (
                  <Box as="th" key={head} textAlign="left" py={1} pr={4} fontWeight="600">
                    {head}
                  </Box>
                ),
              )}
            </tr>
          </thead>
          <tbody>
            {fits.map((fit) => (
              <Box as="tr" key={fit.footId} borderTopWidth="1px" borderColor="line">
                <Box as="td" py={1} pr={4} minW="7rem" overflowWrap="anywhere">
                  {fit.name}
                </Box>
                {fit.ease && fit.passing && fit.leg ? (
                  <>
                    <Box as="td" pr={4}>
                      {easeWords(fit.ease.value)}
                    </Box>
                    <Box as="td" pr={4}>
                      {fit.passing.verdict.title}
                    </Box>
                    <td>{figureText(fit.leg, lengths)}</td>
                  </>
                ) : (
                  <td colSpan={3}>{fit.problem && say(fit.problem)}</td>
                )}
              </Box>
            ))}
          </tbody>
        </Box>
      </Box>
    </Box>
  );
}

/** “11 % smaller than the foot”. */
export function easeWords(ease: number): string {
  const percent = Math.round(Math.abs(ease) * 100);
  return ease >= 0 ? texts.smallerThanTheFoot(percent) : texts.widerThanTheFoot(percent);
}
