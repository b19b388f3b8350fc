/** What a thing may as well be whose type is a guess: the type that is next in mind. */
const NEAR: Readonly<Record<string, string>> = {
  supplies: 'inventory',
  inventory: 'supplies',
  purchases: 'supplies',
  'plant-equipment': 'furniture-fittings',
  'furniture-fittings': 'plant-equipment',
  computers: 'plant-equipment',
  vehicles: 'plant-equipment',
  intangible: 'office',
  'goods-sales': 'service-fees',
  'service-fees': 'goods-sales',
  'sundry-operating': 'office',
  office: 'sundry-operating',
  'other-direct-cost': 'sundry-operating',
  'sundry-payable': 'trade-payables',
  'trade-payables': 'sundry-payable',
  'long-term-loan': 'loan-within-year',
};

/** The other type that a guess may be; null: none is near. */
export const nearType = (type: string): string | null =>
  Object.hasOwn(NEAR, type) ? (NEAR[type] ?? null) : null;
