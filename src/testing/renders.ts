/** What React tells those who watch it; it must be there before React is. */
interface Fiber {
  readonly type: unknown;
  readonly flags: number;
  readonly child: Fiber | null;
  readonly sibling: Fiber | null;
  readonly alternate: Fiber | null;
}

/** Set on what has been rendered, and not merely passed by (React's own tools go by it). */
const PERFORMED_WORK = 1;

let seen: string[] | null = null;

Object.assign(globalThis, {
  __REACT_DEVTOOLS_GLOBAL_HOOK__: {
    supportsFiber: true,
    inject: () => 1,
    checkDCE: () => {},
    onCommitFiberUnmount: () => {},
    onCommitFiberRoot: (_: number, { current }: { readonly current: Fiber }) => look(current, ''),
  },
});

function look(fiber: Fiber, above: string): void {
  const name = typeof fiber.type === 'function' ? fiber.type.name : '';
  const path = name ? `${above}/${name}` : above;
  if (name && fiber.flags & PERFORMED_WORK) seen?.push(path);
  // what hangs below is the same as before where nothing below was woken
  if (fiber.alternate && fiber.child === fiber.alternate.child) return;
  for (let child = fiber.child; child; child = child.sibling) look(child, path);
}

/** The components that are rendered while something is done, each with those above it; import this before anything of React. */
export async function rendersDuring(run: () => unknown): Promise<readonly string[]> {
  seen = [];
  await run();
  const found = seen;
  seen = null;
  return found;
}
