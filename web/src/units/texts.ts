/** Every text of this place, in the order of its files. */
export const texts = {
  // units
  per: (lengths: string) => ` per ${lengths}`,
  ydInOz: (lengthM: string, massG: string) => `${lengthM} yd per ${massG} oz`,
  mInG: (lengthM: string, massG: string) => `${lengthM} m per ${massG} g`,
  oz: (grams: string) => `${grams} oz`,
  typeANumberHere: 'Type a number here.',
  isNotANumberType: (text: string) =>
    `“${text}” is not a number. Type it like 24.6, 24,6 or 9 1/2.`,

  // said
  in: (amount: number) => `${amount} in`,
  to: (number: string, most: string) => `${number} to ${most}`,
  farTooMuch: 'far too much',
  farTooLittle: 'far too little',
  noNumber: 'no number',
  cm: (value: string) => `${value} cm`,
  oz2: (value: string) => `${value} oz`,
  yd: (value: string) => `${value} yd`,
  tex: (value: string) => `${value} tex`,
  per4In: (value: string, what: string) => `${value} ${what} per 4 in`,
  per10Cm: (value: string, what: string) => `${value} ${what} per 10 cm`,

  // days
  on: (amount: number, unit: string) => `${amount} ${unit}${amount === 1 ? '' : 's'} on`,
} as const;
