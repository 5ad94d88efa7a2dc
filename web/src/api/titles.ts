import { useAlmanac } from './queries';

/** The title that the almanac gives a school or way, by its name in the interface. */
export function useTitles(): (schools: string, name: string) => string {
  const almanac = useAlmanac();
  return (schools, name) =>
    almanac.data?.find(({ id }) => id === `school.${schools}.${name}`)?.title ?? '…';
}
