import { useBreakpointValue } from '@chakra-ui/react';

/** Whether there is room for one thing beside the other. */
export function usePhone(): boolean {
  return useBreakpointValue({ base: true, md: false }, { ssr: false }) ?? false;
}
