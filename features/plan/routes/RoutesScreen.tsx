"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useMemo } from "react";
import type { Job, Route } from "@/core/model/job";
import type { Vehicle } from "@/core/model/vehicle";
import { withRoute } from "@/core/plan/chosen-route";
import { type ComparedRow, bendsToBeQuicker, compareRoutes } from "@/core/plan/compare-routes";
import { copyRoute } from "@/core/plan/copy-job";
import { jobSheetMarkdown, writeJobSheet } from "@/core/plan/job-sheet";
import { useCollection } from "@/data/hooks";
import { newId } from "@/data/stamp";
import { Button } from "@/ui/Button";
import { Loading } from "@/ui/Loading";
import { Sheet } from "@/ui/Sheet";
import { useMoney } from "../../shared/money/use-money";
import { useChangeJob } from "../../shared/use-change-job";
import { planHref, sendHref } from "../../shell/addresses";
import { saveAs } from "../../shell/save-as";
import { RouteForm } from "./RouteForm";

const Cell = chakra("td", {
  base: { padding: "8px 12px 8px 0", verticalAlign: "top", borderTop: "1px solid", borderColor: "edge" },
});

/**
 * The routes of a job side by side, the better figure in each row marked; one is chosen, the others are kept.
 */
export function RoutesScreen({ job, vehicle }: { job: Job; vehicle: Vehicle }) {
  const tools = useCollection("tools");
  const money = useMoney();
  const { change, addRoute, removeRoute } = useRoutes(job);
  const rows = useMemo(
    () => (tools ? compareRoutes(job, vehicle, tools, money) : []),
    [job, vehicle, tools, money],
  );
  const bends = useMemo(() => tools && bendsToBeQuicker(job, vehicle, tools), [job, vehicle, tools]);
  if (!tools) return <Loading />;
  return (
    <Box maxWidth="1100px" marginInline="auto" display="flex" flexDirection="column" gap="4">
      <Sheet padding={{ base: "4", lg: "6" }}>
        <Box as="h1" fontSize="30px">
          {job.title}: ways to do it
        </Box>
        <Box asChild color="ink" textDecoration="underline">
          <Link href={planHref(job.id)}>Back to the plan</Link>
        </Box>
        <Box overflowX="auto" marginTop="3">
          <chakra.table width="100%" borderCollapse="collapse" fontSize="16px">
            <RouteHeads
              job={job}
              onChoose={({ id, name }) =>
                void change((now) => ({ ...now, chosenRouteId: id }), `${name}, it is.`)
              }
            />
            <ComparedRows job={job} rows={rows} />
          </chakra.table>
        </Box>
        {bends && (
          <Box color="watch" fontWeight="600" marginTop="3">
            ▲ {bends}
          </Box>
        )}
        {job.routes.length === 1 && (
          <Box color="soft" marginTop="3">
            Only one way is written down. Add another to see what each costs: by the book or a shortcut, from
            above or from below.
          </Box>
        )}
        <Box display="flex" gap="2" flexWrap="wrap" marginTop="4">
          <Button onClick={addRoute} disabled={job.routes.length >= 10}>
            Add another route
          </Button>
          <JobFiles job={job} />
        </Box>
      </Sheet>
      {job.routes.map((route) => (
        <RouteForm
          key={route.id}
          route={route}
          onChange={(next) => void change((now) => withRoute(now, next))}
          onRemove={job.routes.length > 1 ? () => removeRoute(route) : undefined}
        />
      ))}
    </Box>
  );
}

/** A route more, as a copy of the chosen one, and a route less. */
function useRoutes(job: Job) {
  const change = useChangeJob(job.id);
  const addRoute = () => {
    const blank = { id: "", name: "", steps: [], fasteners: [], parts: [] };
    const chosen = job.routes.find(({ id }) => id === job.chosenRouteId);
    const made = { ...copyRoute(chosen ?? blank, newId), name: "Another way" };
    void change(
      (now) => ({ ...now, routes: [...now.routes, made], chosenRouteId: made.id }),
      "Another route, to be changed as you like.",
    );
  };
  const removeRoute = (route: Route) =>
    void change((now) => {
      const routes = now.routes.filter(({ id }) => id !== route.id);
      const chosenRouteId =
        now.chosenRouteId === route.id ? (routes[0]?.id ?? now.chosenRouteId) : now.chosenRouteId;
      return { ...now, routes, chosenRouteId };
    }, `${route.name} is gone.`);
  return { change, addRoute, removeRoute };
}

/** The names of the routes, and which of them it is. */
function RouteHeads({ job, onChoose }: { job: Job; onChoose: (route: Route) => void }) {
  return (
    <thead>
      <tr>
        <chakra.th textAlign="left" fontWeight="600" color="soft" paddingRight="3">
          Route
        </chakra.th>
        {job.routes.map((route) => (
          <chakra.th
            key={route.id}
            textAlign="left"
            minWidth={{ base: "124px", md: "180px" }}
            paddingRight="3"
            verticalAlign="top"
          >
            <Box fontFamily="heading" fontWeight="600" fontSize="22px" lineHeight="1.15" marginBottom="2">
              {route.name}
            </Box>
            {route.id === job.chosenRouteId ? (
              <Box minHeight="44px" color="good" paddingTop="2">
                ● chosen
              </Box>
            ) : (
              <Button onClick={() => onChoose(route)}>Choose this</Button>
            )}
          </chakra.th>
        ))}
      </tr>
    </thead>
  );
}

/** The job's sheet as files, and shown to another device. */
function JobFiles({ job }: { job: Job }) {
  const file = job.title.toLowerCase().replace(/[^a-z0-9]+/g, "-");
  return (
    <>
      <Button onClick={() => saveAs(`${file}.json`, writeJobSheet(job), "application/json")}>
        Job sheet, JSON
      </Button>
      <Button onClick={() => saveAs(`${file}.md`, jobSheetMarkdown(job), "text/markdown")}>
        Job sheet, Markdown
      </Button>
      <Button asChild>
        <Link href={sendHref(job.id)}>Show it to another device</Link>
      </Button>
    </>
  );
}

/** What each route has, a row each, the better one marked. */
function ComparedRows({ job, rows }: { job: Job; rows: readonly ComparedRow[] }) {
  return (
    <tbody>
      {rows.map(({ what, values, better }) => (
        <tr key={what}>
          <Cell color="soft">{what}</Cell>
          {values.map((value, i) => (
            <Cell key={job.routes[i]?.id ?? i} fontWeight={better[i] ? "700" : undefined}>
              {better[i] ? "● " : ""}
              {value}
            </Cell>
          ))}
        </tr>
      ))}
    </tbody>
  );
}
