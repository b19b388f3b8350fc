/** The headings of a table: words at the left first, then those of figures at the right. */
export function TableHead({
  names,
  figures = [],
}: {
  readonly names: readonly string[];
  readonly figures?: readonly string[];
}) {
  return (
    <thead>
      <tr>
        {names.map((name) => (
          <th key={name}>{name}</th>
        ))}
        {figures.map((name) => (
          <th key={name} className="figure">
            {name}
          </th>
        ))}
      </tr>
    </thead>
  );
}
