import { Box } from '@chakra-ui/react';

interface FilePickProps {
  label: string;
  accept: string;
  onPick: (file: File) => void;
}

/** Opens the computer's own dialog for a file. */
export function FilePick({ label, accept, onPick }: FilePickProps) {
  return (
    <Box
      as="label"
      color="chosen"
      textDecoration="underline"
      textUnderlineOffset="3px"
      cursor="pointer"
      minH="44px"
      display="inline-flex"
      alignItems="center"
    >
      {label}
      <input
        type="file"
        accept={accept}
        className="hidden-file"
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          if (chosen) {
            onPick(chosen);
          }
          event.target.value = '';
        }}
      />
    </Box>
  );
}
