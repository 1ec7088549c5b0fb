/** Amounts at which one sign more begins, in US dollars; whose scale it is stands in its name. */
export const priceScales = {
  general: { label: 'Zinc Post’s own, any trade: 20, 60, 200', steps: [20, 60, 200] },
  meals: { label: 'Zinc Post’s own, a meal for one: 15, 30, 60', steps: [15, 30, 60] },
  rooms: { label: 'Zinc Post’s own, a night for two: 80, 160, 300', steps: [80, 160, 300] },
} as const;
export type PriceScale = keyof typeof priceScales;
