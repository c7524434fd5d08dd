import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answerOf, api } from "./client";
import type { TradeRegion } from "./types";

const KEY = ["regions"];

/** The trade regions: those that come with the program, and the office's own, which can be kept and removed. */
export function useRegions() {
  const queries = useQueryClient();
  const { data: regions = [] } = useQuery({
    queryKey: KEY,
    queryFn: () => answerOf(api.GET("/api/v1/regions")),
    staleTime: 60_000,
  });
  const again = () => queries.invalidateQueries({ queryKey: KEY });
  return {
    regions,
    keep: async (region: TradeRegion) => {
      await answerOf(api.PUT("/api/v1/regions", { body: region }));
      await again();
    },
    remove: async (id: string) => {
      await answerOf(api.DELETE("/api/v1/regions", { params: { query: { id } } }));
      await again();
    },
  };
}

/** The build-ups of the stock, of which a region offers some. */
export function useStock() {
  const { data = [] } = useQuery({
    queryKey: ["stock"],
    queryFn: () => answerOf(api.GET("/api/v1/regions/stock")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return data;
}
