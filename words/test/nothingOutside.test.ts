import { actives, gases, mixtureNames, otherGrounds } from '@zymostat/core';
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = fileURLToPath(new URL('../../', import.meta.url));
const filesIn = (folder: string): string[] =>
  readdirSync(`${root}${folder}`, { withFileTypes: true }).flatMap((entry) => {
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return filesIn(path);
    return /\.tsx?$/.test(entry.name) ? [path] : [];
  });

const letters = /\p{L}/u;
/** Attributes that are read by somebody: what stands in them is said. */
const said = /^(label|aria-label|title|placeholder|hint|alt|say|why|what|empty|name|word|legend)$/;
/** Codes, paths, classes, formats and units: no words. */
const code = /^[a-z][\w-]*$|^[\w-]+(\/[\w:*{}-]*)+|^[\w.-]+\.\w+$|^[A-Z_]+$|^[A-Z][\w]*$/;
const isWords = (text: string): boolean => {
  const plain = text.trim();
  return letters.test(plain) && /\p{L}{2,} \p{L}|\p{L}[.?!…:]$|^\p{Lu}\p{Ll}+ /u.test(plain);
};

/** Codes of core that have a space in them, sources of reasons, and what the machine reads. */
const codes = new Set([
  ...actives,
  ...mixtureNames,
  ...gases,
  ...otherGrounds,
  'density meter',
  'strip reader',
  'trust proxy',
  'query parser',
  'REPEATABLE READ',
]);
const isForMachines = (text: string): boolean =>
  codes.has(text) ||
  /^(SELECT|\(extract\(epoch|\s*"?\/?>?<(svg|path|rect|circle)|" stroke|\s*-----|https?:|data:|id:|: )|^\/api\/|sans-serif$|^grid |^no answer$|^[a-z]+\.$/.test(
    text,
  );

/**
 * Where a string is no text: an import, a key, a type, a comparison, a class, a statement in SQL.
 */
const isCode = (node: ts.Node): boolean => {
  const { parent } = node;
  if (ts.isImportDeclaration(parent) || ts.isExportDeclaration(parent)) return true;
  if (ts.isLiteralTypeNode(parent) || ts.isElementAccessExpression(parent)) return true;
  if (ts.isPropertyAssignment(parent) && parent.name === node) return true;
  for (let at: ts.Node = parent; at; at = at.parent) {
    if (ts.isJsxAttribute(at)) return !said.test(at.name.getText());
    if (ts.isThrowStatement(at)) return true;
    if (ts.isCallExpression(at)) {
      const callee = at.expression.getText();
      if (/console|prepared|query|querySelector|matches|matchMedia|Error$|RegExp/.test(callee))
        return true;
    }
    if (ts.isFunctionLike(at) || ts.isStatement(at)) break;
  }
  return false;
};

/**
 * The literals that an expression may come to: through conditions, and what stands in for nothing.
 */
const literalsOf = (node: ts.Node | undefined): ts.StringLiteralLike[] => {
  if (!node) return [];
  if (ts.isStringLiteralLike(node)) return [node];
  if (ts.isParenthesizedExpression(node)) return literalsOf(node.expression);
  if (ts.isConditionalExpression(node))
    return [...literalsOf(node.whenTrue), ...literalsOf(node.whenFalse)];
  return ts.isBinaryExpression(node) ? literalsOf(node.right) : [];
};

const textIn = (path: string): string[] => {
  const source = ts.createSourceFile(
    path,
    readFileSync(`${root}${path}`, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found: string[] = [];
  const note = (node: ts.Node, text: string) => {
    const { line } = source.getLineAndCharacterOfPosition(node.getStart());
    found.push(`${path}:${line + 1}: ${text.trim().slice(0, 60)}`);
  };
  const walk = (node: ts.Node): void => {
    if (ts.isJsxText(node) && letters.test(node.text)) note(node, node.text);
    if (ts.isJsxAttribute(node) && node.initializer && ts.isStringLiteral(node.initializer)) {
      const { text } = node.initializer;
      if (said.test(node.name.getText()) && letters.test(text) && !code.test(text))
        note(node, text);
    }
    // What stands between tags is shown, a single word too.
    if (ts.isJsxExpression(node) && !ts.isJsxAttribute(node.parent))
      for (const literal of literalsOf(node.expression))
        if (letters.test(literal.text)) note(literal, literal.text);
    const literal =
      ts.isStringLiteral(node) ||
      ts.isNoSubstitutionTemplateLiteral(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddleOrTemplateTail(node);
    if (literal && isWords(node.text) && !isForMachines(node.text) && !isCode(node))
      note(node, node.text);
    ts.forEachChild(node, walk);
  };
  walk(source);
  return found;
};

/** What the server keeps in the database, sends as SQL or seeds as the made-up company. */
const noPage = /\/(migrations|demo)\/|[sS]tore\.ts$|\/tables\.ts$|\/database\/|server\/src\/verify/;

test.each(['web/src', 'server/src'])('no text stands in %s', (folder) => {
  const files = filesIn(folder).filter((path) => !noPage.test(path));
  expect(files.length).toBeGreaterThan(40);
  expect(files.flatMap(textIn)).toEqual([]);
});
