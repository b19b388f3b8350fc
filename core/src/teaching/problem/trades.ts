/** What is sold by a business that is called after its trade, or after its shop: `a fish shop`, `a newsagent`. */
const SOLD_BY: readonly (readonly [RegExp, string])[] = [
  [/\bnews-?agents?\b|\bnewspaper kiosk\b|\bnewsstand\b/i, 'newspaper magazine paper'],
  [/\bbaker(?:s|y|ies)?\b/i, 'bread cake pastry'],
  [/\bice[- ]cream (?:parlou?r|shop|van|maker)\b/i, 'ice-cream ice cream'],
  [/\bsawmills?\b/i, 'board plank timber'],
  [/\bflorists?\b/i, 'flower plant bouquet'],
  [/\bfishmongers?\b/i, 'fish seafood'],
  [/\bbutchers?\b/i, 'meat sausage'],
  [/\bgreengrocers?\b/i, 'fruit vegetable'],
  [/\bgrocers?\b|\bgrocery\b/i, 'grocery food'],
  [/\bstationers?\b/i, 'stationery pen paper notebook'],
  [/\bbooksellers?\b|\bbookshops?\b|\bbookstores?\b/i, 'book'],
  [/\bjewellers?\b|\bjewelers?\b/i, 'jewellery jewelry ring watch'],
  [/\bwine merchants?\b/i, 'wine bottle'],
  [/\bcheesemongers?\b/i, 'cheese'],
  [/\bironmongers?\b/i, 'tool nail screw'],
  [/\bchandlers?\b|\bchandlery\b/i, 'rope sail'],
];

const SHOP_FOR =
  /\b(?:an?|the|her|his|its|their) (?:\p{Ll}+ )?(\p{Ll}{3,}) (?:shop|store|merchant|dealer|stall|retailer)\b/iu;
/** What stands before *shop* and is nothing that it sells. */
const NO_GOODS =
  /^(?:the|her|his|its|our|this|that|small|little|new|old|own|village|corner|repair|coffee|online|web|local|rented|retail|general|department|pop-up|barber|body|print|work|machine|copy|same|second-hand|hire|rental|charity|tattoo|betting|busy|tiny|nice|own)$/i;

/** The words, each one of them in the singular, of what such a business sells; none where its name says nothing of it. */
export function goodsOfTrade(text: string): readonly string[] {
  const [, sold = ''] = SHOP_FOR.exec(text) ?? [];
  const own = sold === '' || NO_GOODS.test(sold) ? [] : [sold.toLowerCase().replace(/s$/, '')];
  return [
    ...own,
    ...SOLD_BY.flatMap(([trade, words]) => (trade.test(text) ? words.split(' ') : [])),
  ];
}
