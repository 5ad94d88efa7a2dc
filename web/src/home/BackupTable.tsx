import { Box, Link, VisuallyHidden } from '@chakra-ui/react';
import type { Backup } from '../wire/types';
import { momentText } from '../units/days';
import { ActionButton } from './ActionButton';
import { shared } from '../texts/shared';
import { texts } from './texts';

const WHY: Record<Backup['reason'], string> = {
  DAILY: texts.madeAutomatically,
  ASKED: texts.youAskedForIt,
  UPGRADE: texts.beforeAnUpgrade,
  RESTORE: texts.beforeARestore,
};

interface BackupTableProps {
  backups: readonly Backup[];
  onLook: (name: string) => void;
}

/** The backups in the home, the latest first. */
export function BackupTable({ backups, onLook }: BackupTableProps) {
  if (backups.length === 0) {
    return <Box color="quiet">{texts.thereIsNoBackupYet}</Box>;
  }
  return (
    <Box
      position="relative"
      overflowX="auto"
      tabIndex={0}
      role="region"
      aria-label={texts.backupsInYourFolder}
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
            <th scope="col">{texts.made}</th>
            <th scope="col">{texts.why}</th>
            <th scope="col">{shared.pairs}</th>
            <th scope="col">{shared.feet}</th>
            <th scope="col">{texts.yarns}</th>
            <th scope="col">{texts.roundsAndNotes}</th>
            <th scope="col">
              <VisuallyHidden>{texts.whatToDoWithIt}</VisuallyHidden>
            </th>
          </tr>
        </thead>
        <tbody>
          {backups.map((each) => (
            <BackupRow key={each.name} backup={each} onLook={onLook} />
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

interface BackupRowProps extends Pick<BackupTableProps, 'onLook'> {
  backup: Backup;
}

/** One backup: when and why it was made, what is in it, and what can be done with it. */
function BackupRow({ backup: each, onLook }: BackupRowProps) {
  return (
    <tr>
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
            aria-label={texts.downloadTheBackupOf(momentText(each.made))}
          >
            {texts.download}
          </Link>
          <ActionButton
            quiet
            label={texts.restoreTheBackupOf(momentText(each.made))}
            onClick={() => onLook(each.name)}
          >
            {texts.restore2}
          </ActionButton>
        </Box>
      </td>
    </tr>
  );
}
