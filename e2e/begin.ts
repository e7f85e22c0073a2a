export { begin as default } from "./shared-server";
