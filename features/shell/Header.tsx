"use client";

import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useCollection } from "@/data/hooks";
import { Button } from "@/ui/Button";
import { practiseHref } from "./addresses";
import { useHand } from "./hand";
import { mean, useKey } from "./keys";
import { LookSwitch } from "./LookSwitch";
import { POCKETS, pocketHref } from "./pockets";

const Tab = chakra(Link, {
  base: {
    display: "flex",
    alignItems: "center",
    justifyContent: "center",
    fontFamily: "heading",
    fontWeight: "600",
    fontSize: "18px",
    color: "onDenim",
    textDecoration: "none",
    border: "1px dashed",
    borderColor: "stitch",
    minHeight: { base: "56px", lg: "40px" },
    flex: { base: "1 1 auto", lg: "none" },
    paddingInline: { base: "1", lg: "5" },
    borderBottom: { lg: "none" },
    borderRadius: { base: "0 0 10px 10px", lg: "10px 10px 0 0" },
    _currentPage: { background: "pad", color: "ink", borderStyle: "solid", borderColor: "pad" },
    _focusVisible: { outlineColor: "marker", outlineOffset: "-4px" },
  },
});

/**
 * The denim strip: the name, the six pockets and what is in hand. On a phone the pockets are at the foot.
 */
export function Header() {
  const [hand = {}] = useHand();
  const busy = hand.jobId !== undefined;
  const pathname = usePathname();
  const router = useRouter();
  useKey("pocket", ({ key }) => {
    const pocket = POCKETS[Number(key) - 1];
    if (pocket) router.push(pocketHref(pocket, hand));
  });

  useKey("practise", () => router.push(practiseHref()));

  return (
    <Box
      as="header"
      background="denim"
      color="onDenim"
      minHeight="56px"
      display="flex"
      alignItems="stretch"
      paddingInline={{ base: "3", lg: "5" }}
      gap={{ base: "2", lg: "8" }}
    >
      <Box
        alignSelf="center"
        fontFamily="heading"
        fontWeight="700"
        fontSize={{ base: "22px", lg: "26px" }}
        // In two lines where letters are large.
        whiteSpace={{ lg: "nowrap" }}
        lineHeight="1"
        // On a phone the job in hand has its room.
        display={busy ? { base: "none", lg: "block" } : "block"}
      >
        Vest Pocket
      </Box>
      <Box
        as="nav"
        aria-label="Pockets"
        display="flex"
        gap="6px"
        flexWrap={{ base: "wrap", lg: "nowrap" }}
        alignItems="flex-end"
        position={{ base: "fixed", lg: "static" }}
        insetInline={{ base: "0", lg: "auto" }}
        bottom={{ base: "0", lg: "auto" }}
        background="denim"
        zIndex="20"
        padding={{ base: "0 70px 4px 4px", lg: "0" }}
      >
        {POCKETS.map((pocket) => (
          <Tab
            key={pocket.name}
            href={pocketHref(pocket, hand)}
            prefetch={false}
            aria-current={pathname.startsWith(pocket.path) ? "page" : undefined}
          >
            {pocket.name}
          </Tab>
        ))}
      </Box>
      <Box
        marginLeft={{ base: busy ? "0" : "auto", lg: "auto" }}
        flex={{ base: busy ? "1" : "none", lg: "none" }}
        display="flex"
        alignItems="center"
        gap={{ base: "1", lg: "3" }}
        minWidth="0"
      >
        <InHand />
        <Button
          look="quiet"
          color="onDenim"
          paddingInline="0"
          aria-label="What this screen is for"
          textDecoration="none"
          onClick={() => mean("help")}
        >
          ?
        </Button>
        <LookSwitch />
      </Box>
    </Box>
  );
}

function InHand() {
  const [hand = {}] = useHand();
  const vehicle = useCollection("vehicles")?.find(({ id }) => id === hand.vehicleId);
  const job = useCollection("jobs")?.find(({ id }) => id === hand.jobId);
  if (!vehicle) return null;
  return (
    <Box
      fontSize="15px"
      flex="1"
      overflow="hidden"
      textOverflow="ellipsis"
      whiteSpace="nowrap"
      data-testid="in-hand"
    >
      {/* On a phone there is room for one of them: what is being done. */}
      <Box as="span" display={job ? { base: "none", lg: "inline" } : "inline"}>
        {vehicle.name}
        {job && " · "}
      </Box>
      {job?.title}
    </Box>
  );
}
