import { Tab, TabGroup, TabList, TabPanel, TabPanels } from "@headlessui/react";
import { useCallback, useEffect, useRef } from "react";
import { useBoard, useBoardTools } from "../state/context";
import type { Panel } from "../state/state";
import { toolOf } from "../tools";
import { Facts } from "./Facts";
import { Findings } from "./Findings";
import { Register } from "./Register";

const PANELS: readonly Panel[] = ["facts", "register", "findings"];

/**
 * The right panel: facts of what is selected or will be made, the register of drawings and sheets, and findings. A tool
 * that is taken up brings the facts of what it will make.
 */
export function SidePanel() {
  const version = useBoard((s) => s.version !== null);
  const found = useBoard((s) => s.findings.length);
  const tool = useBoard((s) => s.tool.name);
  const { store } = useBoardTools();
  const tab = useBoard((s) => PANELS.indexOf(s.panel));
  const pages = useRef<HTMLDivElement>(null);
  /** Scrolling what is not scrolled has the page laid out at once, long before it has to be. */
  const scrolled = useRef(false);
  const shown = useBoard((s) => s.shown?.id);
  const selection = useBoard((s) => s.selection.join(" "));
  const toTop = useCallback(() => {
    if (scrolled.current) pages.current?.scrollTo(0, 0);
    scrolled.current = false;
  }, []);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another page, and a tool that is taken up, begin at the top
  useEffect(toTop, [tab, tool]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: so do facts of what is shown or selected; the register stays where it is
  useEffect(() => {
    if (store.getState().panel === "facts") toTop();
  }, [shown, selection]);
  useEffect(() => {
    if (!toolOf({ name: tool }).leavesPanel) store.setState({ panel: "facts" });
  }, [tool, store]);
  const look =
    "px-3.5 pt-2.5 pb-2 text-ink-2 data-selected:text-ink data-selected:font-semibold data-selected:shadow-[inset_0_-2px] data-selected:shadow-oxide";
  return (
    <TabGroup
      as="aside"
      className="flex flex-col overflow-hidden border-rule border-l"
      selectedIndex={tab}
      onChange={(i) => store.setState({ panel: PANELS[i] ?? "facts" })}
    >
      <TabList className="flex border-rule border-b">
        <Tab className={look}>Facts</Tab>
        <Tab className={look}>Register</Tab>
        <Tab className={look}>Findings{found > 0 && ` ${found}`}</Tab>
      </TabList>
      <TabPanels
        ref={pages}
        className="relative overflow-auto p-3.5"
        onScroll={(e) => {
          scrolled.current = e.currentTarget.scrollTop > 0;
        }}
      >
        <TabPanel unmount={false}>
          <fieldset disabled={version}>
            <Facts />
          </fieldset>
        </TabPanel>
        <TabPanel unmount={false}>
          <Register />
        </TabPanel>
        <TabPanel>
          <Findings />
        </TabPanel>
      </TabPanels>
    </TabGroup>
  );
}
