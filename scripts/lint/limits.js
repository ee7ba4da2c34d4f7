/** How much one component may hold before it is taken apart. */
const HOOKS = 6;
const DEPTH = 8;

const isHook = (name) => /^use[A-Z]/.test(name ?? '');
const isComponent = (name) => /^[A-Z]/.test(name ?? '');

/** What a function is called: by itself, or by what it is assigned to. */
const nameOf = (node) =>
  node.id?.name ?? (node.parent?.type === 'VariableDeclarator' ? node.parent.id.name : undefined);

/** A component that needs more is a hook that knows and parts that show. */
const fewHooks = {
  meta: { type: 'suggestion', schema: [] },
  create: (context) => {
    const functions = [];
    const enter = (node) => functions.push({ node, hooks: 0 });
    const leave = () => {
      const { node, hooks } = functions.pop();
      if (hooks > HOOKS && isComponent(nameOf(node)))
        context.report({ node, message: `${hooks} hooks in a component; at most ${HOOKS}` });
    };
    return {
      FunctionDeclaration: enter,
      FunctionExpression: enter,
      ArrowFunctionExpression: enter,
      CallExpression: ({ callee }) => {
        const name = callee.type === 'MemberExpression' ? callee.property.name : callee.name;
        if (isHook(name) && functions.length > 0) functions.at(-1).hooks += 1;
      },
      'FunctionDeclaration:exit': leave,
      'FunctionExpression:exit': leave,
      'ArrowFunctionExpression:exit': leave,
    };
  },
};

/** Tags in tags in tags are a part that wants a name. */
const jsxDepth = {
  meta: { type: 'suggestion', schema: [] },
  create: (context) => {
    let depth = 0;
    const enter = (node) => {
      depth += 1;
      if (depth === DEPTH + 1)
        context.report({ node, message: `more than ${DEPTH} tags inside each other` });
    };
    const leave = () => {
      depth -= 1;
    };
    return {
      JSXElement: enter,
      JSXFragment: enter,
      'JSXElement:exit': leave,
      'JSXFragment:exit': leave,
    };
  },
};

export const limits = { rules: { 'few-hooks': fewHooks, 'jsx-depth': jsxDepth } };
