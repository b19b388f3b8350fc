import { expect, type CDPSession, type Page } from '@playwright/test';

interface AxValue {
  readonly value?: unknown;
}

interface AxNode {
  readonly nodeId: string;
  readonly ignored: boolean;
  readonly role?: AxValue;
  readonly name?: AxValue;
  readonly value?: AxValue;
  readonly childIds?: readonly string[];
  readonly backendDOMNodeId?: number;
  readonly properties?: readonly { readonly name: string; readonly value: AxValue }[];
}

export interface Said {
  readonly role: string;
  readonly name: string;
  readonly value: string;
  /** Whether what changes here is told by itself. */
  readonly isLive: boolean;
  readonly node: AxNode;
}

/** Words to be found whole, or as a pattern. */
type Words = string | RegExp;

const fits = (text: string, wanted: Words): boolean =>
  typeof wanted === 'string' ? text === wanted : wanted.test(text);

/** What one hears of: where a dialog lies over all else, what is in it. */
function withinDialog(nodes: readonly AxNode[]): readonly AxNode[] {
  const byId = new Map(nodes.map((node) => [node.nodeId, node]));
  const isModal = ({ ignored, properties }: AxNode) =>
    !ignored && properties?.some(({ name, value }) => name === 'modal' && value.value === true);
  const dialog = nodes.find(isModal);
  const inside = (node: AxNode): AxNode[] => [
    node,
    ...(node.childIds ?? []).flatMap((id) => {
      const child = byId.get(id);
      return child ? inside(child) : [];
    }),
  ];
  return dialog ? inside(dialog) : nodes;
}

/**
 * Somebody who has a page by the tree alone that a screen reader gets: they find by role and name, press what they find,
 * type where the focus is, and know of changes what is told. Nothing of how it looks is asked.
 */
export class ScreenReader {
  private constructor(
    private readonly page: Page,
    private readonly session: CDPSession,
  ) {}

  static async on(page: Page): Promise<ScreenReader> {
    const session = await page.context().newCDPSession(page);
    await session.send('Accessibility.enable');
    return new ScreenReader(page, session);
  }

  /** All that the tree says by now, in its order. */
  async all(): Promise<Said[]> {
    const { nodes } = (await this.session.send('Accessibility.getFullAXTree')) as unknown as {
      nodes: readonly AxNode[];
    };
    return withinDialog(nodes).flatMap((node) => {
      if (node.ignored) return [];
      const [role, name, value] = [node.role, node.name, node.value].map((each) =>
        String(each?.value ?? '').trim(),
      ) as [string, string, string];
      const live = node.properties?.find((each) => each.name === 'live')?.value.value;
      return [{ role, name, value, isLive: live === 'polite' || live === 'assertive', node }];
    });
  }

  /** The first of a role whose name is wanted, once there is one. */
  async find(role: string, name: Words): Promise<Said> {
    let found: Said | undefined;
    await expect
      .poll(
        async () => {
          const all = await this.all();
          found = all.find((each) => each.role === role && fits(each.name, name));
          return found !== undefined;
        },
        { message: `a ${role} called ${String(name)}` },
      )
      .toBe(true);
    if (!found) throw new Error(`There is no ${role} called ${String(name)}.`);
    return found;
  }

  async press(role: string, name: Words): Promise<void> {
    const { node } = await this.find(role, name);
    const { object } = await this.session.send('DOM.resolveNode', {
      backendNodeId: node.backendDOMNodeId ?? 0,
    });
    await this.session.send('Runtime.callFunctionOn', {
      objectId: object.objectId ?? '',
      functionDeclaration: 'function () { this.focus(); this.click(); }',
    });
  }

  /** Goes to a field and types there, in the place of what it holds. */
  async write(name: Words, text: string, { role = 'textbox', end = '' } = {}): Promise<void> {
    const { node } = await this.find(role, name);
    await this.session.send('DOM.focus', { backendNodeId: node.backendDOMNodeId ?? 0 });
    await this.page.keyboard.press('ControlOrMeta+a');
    await this.page.keyboard.type(text);
    if (end !== '') await this.page.keyboard.press(end);
  }

  /** What is told by itself: some live part says it, by now or soon. */
  async hears(wanted: RegExp): Promise<void> {
    await expect
      .poll(async () => (await this.told()).some((text) => wanted.test(text)), {
        message: `somebody is told ${String(wanted)}`,
      })
      .toBe(true);
  }

  /** The texts of all live parts. */
  async told(): Promise<string[]> {
    const all = await this.all();
    const byId = new Map(all.map((each) => [each.node.nodeId, each]));
    const textIn = (said: Said): string =>
      said.role === 'StaticText'
        ? said.name
        : (said.node.childIds ?? [])
            .map((id) => byId.get(id))
            .map((child) => (child ? textIn(child) : ''))
            .join(' ');
    return all.filter(({ isLive }) => isLive).map((each) => textIn(each).replace(/\s+/g, ' '));
  }
}
