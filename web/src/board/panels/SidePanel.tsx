import { Tab, TabGroup, TabList, TabPanel, TabPanels } from "@headlessui/react";
import { useBoard } from "../context";
import { Facts } from "./Facts";
import { Findings } from "./Findings";
import { Register } from "./Register";

/** The right panel: facts of what is selected or will be made, the register of drawings and sheets, and findings. */
export function SidePanel() {
  const version = useBoard((s) => s.version !== null);
  const found = useBoard((s) => s.findings.length);
  const tab =
    "px-3.5 pt-2.5 pb-2 text-ink-2 data-selected:text-ink data-selected:font-semibold data-selected:shadow-[inset_0_-2px] data-selected:shadow-oxide";
  return (
    <TabGroup as="aside" className="flex flex-col overflow-hidden border-rule border-l">
      <TabList className="flex border-rule border-b">
        <Tab className={tab}>Facts</Tab>
        <Tab className={tab}>Register</Tab>
        <Tab className={tab}>Findings{found > 0 && ` ${found}`}</Tab>
      </TabList>
      <TabPanels className="overflow-auto p-3.5">
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
