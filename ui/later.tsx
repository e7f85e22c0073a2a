"use client";

import dynamic from "next/dynamic";
import type { ComponentType } from "react";
import { Loading } from "./Loading";

/**
 * A view that is fetched once it is shown. The service worker has all of them for when there is no network. Example:
 * `later(() => import("./ShopScreen").then((module) => module.ShopScreen))`.
 */
export const later = <Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): ComponentType<Props> => dynamic(load, { ssr: false, loading: Loading });
