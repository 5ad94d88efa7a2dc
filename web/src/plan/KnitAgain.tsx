import { Box } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { askAgain } from '../api/logQueries';
import { askPair, useCreatePair } from '../api/queries';
import { writeOf, type Draft } from '../draft/draft';
import { LinkButton } from '../form/LinkButton';
import { withLesson } from './taught';
import { texts } from './texts';

interface KnitAgainProps {
  pairId: string;
  /** What stands on the press; “Knit these again” where nothing else does. */
  words?: string;
}

/** A new pair from one that was knitted, as it was knitted. */
export function KnitAgain({ pairId, words = texts.knitTheseAgain }: KnitAgainProps) {
  const create = useCreatePair();
  const navigate = useNavigate();
  const again = useMutation({
    mutationFn: async () => {
      const [{ name, spec, lessons }, { foot, swatch, yarn }] = await Promise.all([
        askAgain(pairId),
        askPair(pairId),
      ]);
      const draft = lessons.reduce<Draft>((made, lesson) => withLesson(made, lesson), {
        name,
        spec,
        foot,
        swatch,
        yarn,
      });
      return create.mutateAsync(writeOf(draft));
    },
    onSuccess: ({ id }) => navigate(`/pairs/${id}`),
  });
  return (
    <>
      <LinkButton onClick={() => again.mutate()} aria-disabled={again.isPending}>
        {words}
      </LinkButton>
      {again.error && (
        <Box role="alert" color="amiss">
          {again.error.message}
        </Box>
      )}
    </>
  );
}
