import { answerOf, api } from "../../api/client";
import type { Element } from "../../api/types";
import { backdropOf } from "../canvas/backdrop";
import { type BoardState, elementOf, planShown } from "../state/state";
import type { BoardStore } from "../state/store";
import { toolOf } from "../tools";

/** Something that is asked of the server anew whenever what it depends on changes. */
interface Kept {
  /** What it depends on besides the revision; null while it is not wanted. */
  readonly key: (state: BoardState) => string | null;
  readonly read: (state: BoardState) => Promise<Partial<BoardState>>;
  readonly none: Partial<BoardState>;
  /** How long the model has to be at rest first, in milliseconds. */
  readonly rest: number;
}

const settingOut: Kept = {
  key: (state) => {
    const { selection, elements, faces } = state;
    const only = selection.length === 1 ? elements.get(selection[0] ?? "") : undefined;
    const along = only?.type === "opening" || (only?.type === "fitting" && only.seat.type === "onWall");
    return along && planShown(state) ? `${only.id} ${faces}` : null;
  },
  read: async ({ project, selection, faces, settingOut, measureAt }) => {
    const [found] = await answerOf(
      api.GET("/api/v1/projects/{project}/setting-out", {
        params: { path: { project }, query: { thing: selection[0] ?? "", faces } },
      }),
    );
    const same = found !== undefined && found.thing === settingOut?.thing;
    return {
      settingOut: found ?? null,
      measureAt: same ? measureAt : null,
    };
  },
  none: { settingOut: null },
  rest: 0,
};

const areas: Kept = {
  key: (state) => {
    const storey = planShown(state)?.storey;
    const only = state.selection.length === 1 ? state.elements.get(state.selection[0] ?? "") : undefined;
    const wanted = toolOf(state.tool).areas || only?.type === "room";
    return storey && wanted ? storey : null;
  },
  read: async (state) => {
    const storey = planShown(state)?.storey ?? "";
    const path = { project: state.project, storey };
    return {
      areas: await answerOf(
        api.GET("/api/v1/projects/{project}/storeys/{storey}/areas", { params: { path } }),
      ),
    };
  },
  none: { areas: null },
  rest: 0,
};

const clearances: Kept = {
  key: (state) => (state.clearancesShown ? (planShown(state)?.storey ?? null) : null),
  read: async (state) => {
    const path = { project: state.project, storey: planShown(state)?.storey ?? "" };
    return {
      clearances: await answerOf(
        api.GET("/api/v1/projects/{project}/storeys/{storey}/clearances", { params: { path } }),
      ),
    };
  },
  none: { clearances: null },
  rest: 100,
};

const setOut: Kept = {
  key: (state) => (state.tool.name === "setout" ? (planShown(state)?.id ?? null) : null),
  read: async (state) => {
    const path = { project: state.project, drawing: planShown(state)?.id ?? "" };
    return {
      setOutReport: await answerOf(
        api.GET("/api/v1/projects/{project}/drawings/{drawing}/set-out", { params: { path } }),
      ),
    };
  },
  none: { setOutReport: null },
  rest: 0,
};

/** What a note that is written or selected can say of the first thing it points at. */
const facts: Kept = {
  key: (state) => {
    const { tool, selection } = state;
    if (tool.name === "leader") return tool.picks[0]?.type === "thing" ? JSON.stringify(tool.picks[0]) : null;
    const only = selection.length === 1 ? elementOf(state, "note", selection[0]) : undefined;
    return only && only.leaders.targets.length > 0 ? only.id : null;
  },
  read: async ({ project, tool, selection, shown }) => {
    const first = tool.name === "leader" ? tool.picks[0] : undefined;
    if (first?.type !== "thing") {
      const path = { project, note: selection[0] ?? "" };
      return {
        facts: await answerOf(api.GET("/api/v1/projects/{project}/notes/{note}/facts", { params: { path } })),
      };
    }
    const path = { project, drawing: shown?.id ?? "" };
    const query = { thing: first.thing, x: first.at[0], y: first.at[1] };
    return {
      facts: await answerOf(
        api.GET("/api/v1/projects/{project}/drawings/{drawing}/facts", { params: { path, query } }),
      ),
    };
  },
  none: { facts: [] },
  rest: 0,
};

const storeys: Kept = {
  key: ({ loaded }) => (loaded ? "all" : null),
  read: async ({ project }) => ({
    storeys: await answerOf(api.GET("/api/v1/projects/{project}/storeys", { params: { path: { project } } })),
  }),
  none: { storeys: [] },
  rest: 0,
};

/** The one thing selected where it is of a kind. */
const onlyOf =
  (type: Element["type"]) =>
  ({ selection, elements }: BoardState) => {
    const only = selection.length === 1 ? elements.get(selection[0] ?? "") : undefined;
    return only?.type === type ? only.id : null;
  };

const stairSum: Kept = {
  key: onlyOf("stair"),
  read: async ({ project, selection }) => ({
    stairSum: await answerOf(
      api.GET("/api/v1/projects/{project}/stairs/{stair}", {
        params: { path: { project, stair: selection[0] ?? "" } },
      }),
    ),
  }),
  none: { stairSum: null },
  rest: 0,
};

const roofSum: Kept = {
  key: onlyOf("roof"),
  read: async ({ project, selection }) => ({
    roofSum: await answerOf(
      api.GET("/api/v1/projects/{project}/roofs/{roof}", {
        params: { path: { project, roof: selection[0] ?? "" } },
      }),
    ),
  }),
  none: { roofSum: null, roofEdge: null },
  rest: 0,
};

const trussSum: Kept = {
  key: onlyOf("truss"),
  read: async ({ project, selection }) => ({
    trussSum: await answerOf(
      api.GET("/api/v1/projects/{project}/trusses/{truss}", {
        params: { path: { project, truss: selection[0] ?? "" } },
      }),
    ),
  }),
  none: { trussSum: null },
  rest: 0,
};

const footingSum: Kept = {
  key: onlyOf("footing"),
  read: async ({ project, selection }) => ({
    footingSum: await answerOf(
      api.GET("/api/v1/projects/{project}/footings/{footing}", {
        params: { path: { project, footing: selection[0] ?? "" } },
      }),
    ),
  }),
  none: { footingSum: null },
  rest: 0,
};

const findings: Kept = {
  key: ({ loaded }) => (loaded ? "all" : null),
  read: async ({ project }) => ({
    findings: await answerOf(
      api.GET("/api/v1/projects/{project}/findings", { params: { path: { project } } }),
    ),
    looked: true,
  }),
  none: { findings: [], looked: false },
  rest: 400,
};

const backdrop: Kept = {
  key: (state) => backdropOf(state),
  read: async (state) => {
    const path = { project: state.project, drawing: backdropOf(state) ?? "" };
    const { picture } = await answerOf(
      api.GET("/api/v1/projects/{project}/drawings/{drawing}/picture", { params: { path } }),
    );
    return { backdrop: { ...state.backdrop, groups: new Map(picture.groups.map((g) => [g.element, g])) } };
  },
  none: {},
  rest: 0,
};

const ALL: readonly Kept[] = [
  settingOut,
  areas,
  clearances,
  setOut,
  facts,
  storeys,
  stairSum,
  roofSum,
  trussSum,
  footingSum,
  backdrop,
  findings,
];

/** Keeps what the server works out in step with the model: how things are set out, areas, clearances, findings. */
export class InStep {
  private readonly asked = new Map<Kept, number>();
  private readonly timers = new Map<Kept, ReturnType<typeof setTimeout>>();
  private readonly stop: () => void;

  /** @param catchAnew when what can be caught has changed */
  constructor(
    private readonly store: BoardStore,
    private readonly catchAnew: () => void,
  ) {
    this.stop = store.subscribe((now, before) => {
      for (const kept of ALL) {
        const key = wanted(kept, now);
        if (key === wanted(kept, before) && now.revision === before.revision) continue;
        if (key === null) this.drop(kept, before);
        else this.later(kept);
      }
    });
  }

  end(): void {
    this.stop();
    for (const timer of this.timers.values()) clearTimeout(timer);
  }

  private drop(kept: Kept, before: BoardState): void {
    this.count(kept);
    if (wanted(kept, before) !== null) this.store.setState(kept.none);
  }

  private later(kept: Kept): void {
    clearTimeout(this.timers.get(kept));
    if (kept.rest === 0) void this.read(kept);
    else
      this.timers.set(
        kept,
        setTimeout(() => void this.read(kept), kept.rest),
      );
  }

  /** An answer that another question has overtaken is dropped. */
  private async read(kept: Kept): Promise<void> {
    const asked = this.count(kept);
    const answer = await kept.read(this.store.getState()).catch(() => kept.none);
    if (asked !== this.asked.get(kept)) return;
    this.store.setState(answer);
    if (kept === backdrop) this.catchAnew();
  }

  private count(kept: Kept): number {
    const next = (this.asked.get(kept) ?? 0) + 1;
    this.asked.set(kept, next);
    return next;
  }
}

function wanted(kept: Kept, state: BoardState): string | null {
  return state.version || state.revision < 0 ? null : kept.key(state);
}
