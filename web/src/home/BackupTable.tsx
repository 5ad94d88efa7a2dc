import { Box, Link, VisuallyHidden } from '@chakra-ui/react';
import type { Backup } from '../wire/types';
import { momentText } from '../units/days';
import { ActionButton } from './ActionButton';

const WHY: Record<Backup['reason'], string> = {
  DAILY: 'made automatically',
  ASKED: 'you asked for it',
  UPGRADE: 'before an upgrade',
  RESTORE: 'before a restore',
};

interface BackupTableProps {
  backups: readonly Backup[];
  onLook: (name: string) => void;
}

/** The backups in the home, the latest first. */
export function BackupTable({ backups, onLook }: BackupTableProps) {
  if (backups.length === 0) {
    return <Box color="quiet">There is no backup yet: there is nothing to back up.</Box>;
  }
  return (
    <Box
      position="relative"
      overflowX="auto"
      tabIndex={0}
      role="region"
      aria-label="Backups in your folder"
    >
      <Box
        as="table"
        w="100%"
        css={{
          '& th, & td': { padding: '2px 12px 2px 0', textAlign: 'left', whiteSpace: 'nowrap' },
          '& :is(th, td):nth-child(n+3):not(:last-child)': { textAlign: 'right' },
          '@media (max-width: 47em)': {
            '& :is(th, td):is(:nth-child(2), :nth-child(n+4):not(:last-child))': {
              display: 'none',
            },
          },
          '& tbody tr': { borderTop: '1px solid var(--chakra-colors-line)' },
        }}
      >
        <thead>
          <tr>
            <th scope="col">Made</th>
            <th scope="col">Why</th>
            <th scope="col">Pairs</th>
            <th scope="col">Feet</th>
            <th scope="col">Yarns</th>
            <th scope="col">Rounds and notes</th>
            <th scope="col">
              <VisuallyHidden>What to do with it</VisuallyHidden>
            </th>
          </tr>
        </thead>
        <tbody>
          {backups.map((each) => (
            <tr key={each.name}>
              <th scope="row">{momentText(each.made)}</th>
              <td>{WHY[each.reason]}</td>
              <td>{each.pairs}</td>
              <td>{each.feet}</td>
              <td>{each.yarns}</td>
              <td>{each.presses}</td>
              <td>
                <Box display="flex" columnGap={4} flexWrap="wrap" justifyContent="flex-end">
                  <Link
                    href={`/api/home/backups/${each.name}`}
                    download
                    color="chosen"
                    textDecoration="underline"
                    minH="44px"
                    alignItems="center"
                    aria-label={`Download the backup of ${momentText(each.made)}`}
                  >
                    Download
                  </Link>
                  <ActionButton
                    quiet
                    label={`Restore the backup of ${momentText(each.made)}`}
                    onClick={() => onLook(each.name)}
                  >
                    Restore …
                  </ActionButton>
                </Box>
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
