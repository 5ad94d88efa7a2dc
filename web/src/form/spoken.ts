/** The name of what is pressed: whoever speaks to the page says the words that stand on it. */
export function spoken(words: string, name: string): string {
  return name.toLowerCase().includes(words.toLowerCase()) ? name : `${words}: ${name}`;
}
