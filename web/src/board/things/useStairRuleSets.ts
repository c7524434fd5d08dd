import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answerOf, api } from "../../api/client";
import type { StairRules } from "../../api/types";

const KEY = ["stair-rules"];

/** The sets of rules for stairs: those that come with the program, and the office's own, which can be kept and removed. */
export function useStairRuleSets() {
  const queries = useQueryClient();
  const { data: sets = [] } = useQuery({
    queryKey: KEY,
    queryFn: () => answerOf(api.GET("/api/v1/stair-rules")),
  });
  const again = () => queries.invalidateQueries({ queryKey: KEY });
  return {
    sets,
    keep: async (rules: StairRules) => {
      await answerOf(api.PUT("/api/v1/stair-rules", { body: rules }));
      await again();
    },
    remove: async (name: string) => {
      await answerOf(api.DELETE("/api/v1/stair-rules", { params: { query: { name } } }));
      await again();
    },
  };
}
