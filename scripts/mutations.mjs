import ts from 'typescript';

const K = ts.SyntaxKind;

const OTHER = new Map([
  [K.EqualsEqualsEqualsToken, '!=='],
  [K.ExclamationEqualsEqualsToken, '==='],
  [K.LessThanToken, '<='],
  [K.LessThanEqualsToken, '<'],
  [K.GreaterThanToken, '>='],
  [K.GreaterThanEqualsToken, '>'],
  [K.PlusToken, '-'],
  [K.MinusToken, '+'],
  [K.AsteriskToken, '/'],
  [K.SlashToken, '*'],
  [K.AmpersandAmpersandToken, '||'],
  [K.BarBarToken, '&&'],
]);

const isText = (node) => ts.isStringLiteralLike(node) || ts.isTemplateExpression(node);

const isCondition = (node) =>
  (ts.isIfStatement(node.parent) && node.parent.expression === node) ||
  (ts.isConditionalExpression(node.parent) && node.parent.condition === node);

/** What an expression could be instead; null when nothing of interest. */
function otherwise(node, textOf) {
  if (ts.isBinaryExpression(node)) {
    const other = OTHER.get(node.operatorToken.kind);
    const isConcatenation =
      node.operatorToken.kind === K.PlusToken && (isText(node.left) || isText(node.right));
    return other && !isConcatenation ? `${textOf(node.left)} ${other} ${textOf(node.right)}` : null;
  }
  if (ts.isPrefixUnaryExpression(node)) {
    if (node.operator === K.ExclamationToken || node.operator === K.MinusToken)
      return textOf(node.operand);
    return null;
  }
  if (ts.isNumericLiteral(node)) return `${Number(node.text.replaceAll('_', '')) + 1}`;
  if (node.kind === K.TrueKeyword) return 'false';
  if (node.kind === K.FalseKeyword) return 'true';
  return isCondition(node) ? `!(${textOf(node)})` : null;
}

/** Places where a value stands, and not a type or a name. */
const isValue = (node) =>
  !ts.isTypeNode(node.parent) &&
  !ts.isLiteralTypeNode(node.parent) &&
  !(ts.isPropertyAssignment(node.parent) && node.parent.name === node) &&
  !ts.isEnumMember(node.parent);

/** Every single change of an operator, a sign, a bound or a condition that a file of source could suffer. */
export function mutationsOf(file, text) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.ES2023, true);
  const textOf = (node) => node.getText(source);
  const found = [];
  const visit = (node) => {
    if (ts.isTypeNode(node) && !ts.isExpressionWithTypeArguments(node)) return;
    const to = ts.isExpression(node) && isValue(node) ? otherwise(node, textOf) : null;
    if (to !== null) {
      const start = node.getStart(source);
      const line = source.getLineAndCharacterOfPosition(start).line + 1;
      found.push({
        file,
        line,
        start,
        end: node.getEnd(),
        from: textOf(node).slice(0, 90),
        to: to.slice(0, 90),
        full: to,
      });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** The source with each of these mutations in it, each switched on by its number; the inner ones inside the outer. */
export function switched(text, mutations) {
  const source = ts.createSourceFile('x.ts', text, ts.ScriptTarget.ES2023, true);
  const write = (node) => {
    const own = mutations.filter(
      (each) =>
        each.start === node.getStart(source) && each.end === node.getEnd() && ts.isExpression(node),
    );
    const plain = rebuilt(node);
    return own.length === 0 || seen.has(own[0].id)
      ? plain
      : own.reduce(
          (inner, { id, full }) => (seen.add(id), `(mutant(${id}) ? (${full}) : (${inner}))`),
          plain,
        );
  };
  const seen = new Set();
  function rebuilt(node) {
    let at = node.getFullStart();
    let out = '';
    ts.forEachChild(node, (child) => {
      if (child.getFullStart() < at) return;
      out += text.slice(at, child.getStart(source)) + write(child);
      at = child.getEnd();
    });
    out += text.slice(at, node.getEnd());
    return node.getFullStart() === node.getStart(source)
      ? out
      : out.slice(node.getStart(source) - node.getFullStart());
  }
  return `declare const mutant: (id: number) => boolean;\n${rebuilt(source)}${text.slice(source.getEnd())}`;
}
