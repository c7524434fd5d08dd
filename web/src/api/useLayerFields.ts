import { useQuery } from "@tanstack/react-query";
import { answerOf, api } from "./client";
import type { LayerField } from "./types";

const NONE: readonly LayerField[] = [];

/** What names of layers may be made up of, field by field. */
export function useLayerFields(): readonly LayerField[] {
  const { data } = useQuery({
    queryKey: ["layer fields"],
    queryFn: () => answerOf(api.GET("/api/v1/layers/fields")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return data?.fields ?? NONE;
}
