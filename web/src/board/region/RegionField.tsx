import { useEffect, useState } from "react";
import type { Settings } from "../../api/types";
import { useRegions } from "../../api/useRegions";
import { Button, Choice, Row } from "../../ui/controls";
import { useBoardTools } from "../state/context";
import { elementOf } from "../state/state";
import { offeredTo } from "../state/usual";
import { OwnRegion } from "./OwnRegion";

/** The trade region that says what the project is offered from now on; what stands in it stays. */
export function RegionField({ settings }: { readonly settings: Settings }) {
  const { store, sync } = useBoardTools();
  const { regions, keep, remove } = useRegions();
  const [changing, setChanging] = useState(false);
  const offered = offeredTo(settings, regions);
  useEffect(() => {
    if (offered) store.setState({ offered });
  }, [store, offered]);
  if (!offered) return null;
  const choose = (region: string) => {
    const now = elementOf(store.getState(), "settings", "settings");
    if (now && now.region !== region) void sync.revise({ ...now, region, type: "settings" });
  };
  const alike = regions.filter((o) => o.region.units === settings.units);
  return (
    <>
      <Row label="Built in">
        <Choice
          value={offered.region.id}
          options={alike.map((o) => [o.region.id, o.region.name] as const)}
          onChange={choose}
        />
      </Row>
      <Button
        className="mb-2"
        title="Stock, sizes and words that projects built there are offered"
        onClick={() => setChanging(true)}
      >
        What is offered there
      </Button>
      {changing && (
        <OwnRegion
          region={offered.region}
          onKeep={async (region) => {
            await keep(region);
            choose(region.id);
          }}
          onRemove={async (id) => {
            await remove(id);
            choose(offered.region.like);
          }}
          onClose={() => setChanging(false)}
        />
      )}
    </>
  );
}
