/** So many of something, in the singular or the plural. */
export function counted(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}
