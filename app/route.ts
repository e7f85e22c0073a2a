export const dynamic = "force-static";

/** The app opens with the Garage. A page of its own, as a redirect of the configuration has no headers. */
export const GET = (): Response => new Response(null, { status: 307, headers: { location: "/garage" } });
