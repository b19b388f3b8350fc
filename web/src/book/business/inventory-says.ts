/** How the stock is kept by each inventory system, in a sentence. */
export const INVENTORY_SAYS = {
  perpetual:
    'Perpetual: each dispatch takes the cost of what leaves out of the stock, at average cost.',
  periodic:
    'Periodic: what is bought is an expense at once; the stock is counted, and the change of it put right.',
} as const;
