import ts from 'typescript';

/** One small fault: what stands from `start` to `end` of the file becomes `text`. */
export type Mutant = { file: string; start: number; end: number; text: string; line: number; kind: string };

/** The source with the fault in it. */
export const planted = (source: string, { start, end, text }: Mutant): string =>
  source.slice(0, start) + text + source.slice(end);

const TURNED: Partial<Record<ts.SyntaxKind, string>> = {
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
};

/** The faults that can be planted at one node: conditions that always or never hold, operators turned, booleans turned. */
function mutantsAt(node: ts.Node, source: ts.SourceFile): { node: ts.Node; text: string; kind: string }[] {
  if (ts.isIfStatement(node) || ts.isConditionalExpression(node)) {
    const condition = ts.isIfStatement(node) ? node.expression : node.condition;
    return ['true', 'false'].map((text) => ({ node: condition, text, kind: `condition ${text}` }));
  }
  if (ts.isBinaryExpression(node)) {
    const turned = TURNED[node.operatorToken.kind];
    return turned ? [{ node: node.operatorToken, text: turned, kind: `operator ${turned}` }] : [];
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return [{ node, text: node.operand.getText(source), kind: 'not dropped' }];
  if (node.kind === ts.SyntaxKind.TrueKeyword) return [{ node, text: 'false', kind: 'true to false' }];
  if (node.kind === ts.SyntaxKind.FalseKeyword) return [{ node, text: 'true', kind: 'false to true' }];
  if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
    const { name, expression } = node.expression;
    if (name.text === 'filter') return [{ node, text: expression.getText(source), kind: 'filter dropped' }];
    if (name.text === 'some' || name.text === 'every')
      return [{ node: name, text: name.text === 'some' ? 'every' : 'some', kind: 'some and every' }];
  }
  return [];
}

/** Every fault that can be planted in a file whose text is given. */
export function mutantsOf(file: string, text: string): Mutant[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Mutant[] = [];
  const visit = (node: ts.Node): void => {
    // Types hold no conduct.
    if (ts.isTypeNode(node)) return;
    for (const mutant of mutantsAt(node, source)) {
      const start = mutant.node.getStart(source);
      const line = source.getLineAndCharacterOfPosition(start).line + 1;
      found.push({ file, start, end: mutant.node.getEnd(), text: mutant.text, line, kind: mutant.kind });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}
